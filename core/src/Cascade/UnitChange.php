<?php

declare(strict_types=1);

namespace Ricamo\Core\Cascade;

use Ricamo\Core\Colour\Colour;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Geometry\Space;

/** What cascades make of a unit at a moment. */
final readonly class UnitChange
{
    /** Pixels. */
    private const ABOVE = 2000.0;

    /**
     * @param  Affine  $matrix  in the layer's own space
     * @param  float  $opacity  0..1, of its own
     * @param  float  $blur  the deviation in the layer's pixels
     * @param  ?Colour  $tint  the colour that its own is mixed with, as strongly as that is opaque
     * @param  float  $weight  by how much heavier it is, where its font can be varied in that
     * @param  ?int  $shows  a number that stands for another unit, which is seen in its place; null for itself
     * @param  ?Space  $depth  how it leaves the layer's plane where the matrix has placed it; null where it lies in that
     */
    public function __construct(
        public Affine $matrix = new Affine,
        public float $opacity = 1.0,
        public float $blur = 0.0,
        public ?Colour $tint = null,
        public ?int $shows = null,
        public float $weight = 0.0,
        public ?Space $depth = null,
    ) {
    }

    /** Both at once: first this, then the other. */
    public function and(self $other): self
    {
        return new self(
            $other->matrix->after($this->matrix),
            $this->opacity * $other->opacity,
            hypot($this->blur, $other->blur),
            $other->tint ?? $this->tint,
            $other->shows ?? $this->shows,
            $this->weight + $other->weight,
            $this->depthBefore($other),
        );
    }

    /** How both leave the plane, where the other's matrix is done to this one as well. */
    private function depthBefore(self $other): ?Space
    {
        if ($this->depth === null || ! $other->matrix->isUsable() || $other->matrix->isFlat()) {
            return $other->depth;
        }
        $own = Space::flat($other->matrix)->after($this->depth)->after(Space::flat($other->matrix->inverse()));

        return $other->depth === null ? $own : $other->depth->after($own);
    }

    /**
     * About where a point of the layer comes to be, for telling how far it goes: nearer is larger, as from some way above the layer.
     */
    public function about(Point $point): Point
    {
        $placed = $this->matrix->apply($point);
        if ($this->depth === null) {
            return $placed;
        }
        [$x, $y, $z] = $this->depth->place($placed);
        $size = self::ABOVE / max(self::ABOVE / 10, self::ABOVE + $z);

        return new Point($x * $size, $y * $size);
    }

    public function tinted(Colour $colour): Colour
    {
        if ($this->tint === null) {
            return $colour;
        }
        $mixed = $colour->mix(
            new Colour($this->tint->red, $this->tint->green, $this->tint->blue, $colour->alpha), $this->tint->alpha / 255,
        );

        return new Colour($mixed->red, $mixed->green, $mixed->blue, $colour->alpha);
    }
}
