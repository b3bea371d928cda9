<?php

declare(strict_types=1);

namespace Ricamo\Core\Cascade;

use Ricamo\Core\Colour\Colour;
use Ricamo\Core\Geometry\Affine;

/** What cascades make of a unit at a moment. */
final readonly class UnitChange
{
    /**
     * @param  Affine  $matrix  in the layer's own space
     * @param  float  $opacity  0..1, of its own
     * @param  float  $blur  the deviation in the layer's pixels
     * @param  ?Colour  $tint  the colour that its own is mixed with, as strongly as that is opaque
     * @param  float  $weight  by how much heavier it is, where its font can be varied in that
     * @param  ?int  $shows  a number that stands for another unit, which is seen in its place; null for itself
     */
    public function __construct(
        public Affine $matrix = new Affine,
        public float $opacity = 1.0,
        public float $blur = 0.0,
        public ?Colour $tint = null,
        public ?int $shows = null,
        public float $weight = 0.0,
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
        );
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
