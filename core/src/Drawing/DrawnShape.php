<?php

declare(strict_types=1);

namespace Ricamo\Core\Drawing;

use Ricamo\Core\Colour\Colour;
use Ricamo\Core\Display\Cap;
use Ricamo\Core\Display\Fill;
use Ricamo\Core\Display\FillRule;
use Ricamo\Core\Display\Gradient;
use Ricamo\Core\Display\Join;
use Ricamo\Core\Display\Outline;
use Ricamo\Core\Display\Pen;
use Ricamo\Core\Display\Stroke;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Path;
use Ricamo\Core\Json\Node;

/** An outline that is filled, or drawn along, or both; the matrix leads to the drawing's pixels. */
final readonly class DrawnShape extends Drawn
{
    public function __construct(
        public Path $path,
        public Affine $matrix,
        public Colour|Gradient|null $fill,
        public FillRule $rule,
        public Colour|Gradient|null $stroke,
        public ?Pen $pen,
    ) {
    }

    public static function read(Node $node): self
    {
        $pen = $node->optional('pen');

        return new self(
            Path::parse($node->field('path')->string(PHP_INT_MAX)),
            PaintJson::readMatrix($node->field('matrix')),
            PaintJson::read($node->optional('fill')),
            $node->optional('rule')?->enum(FillRule::class) ?? FillRule::NonZero,
            PaintJson::read($node->optional('stroke')),
            $pen === null ? null : new Pen(
                $pen->field('width')->number(),
                $pen->field('join')->enum(Join::class),
                $pen->field('cap')->enum(Cap::class),
                array_map(fn (Node $dash): float => $dash->number(), $pen->field('dashes')->items()),
                $pen->field('offset')->number(),
            ),
        );
    }

    public function toJson(): array
    {
        return array_filter([
            'path' => $this->path->data(),
            'matrix' => PaintJson::matrix($this->matrix),
            'fill' => PaintJson::write($this->fill),
            'rule' => $this->rule === FillRule::NonZero ? null : $this->rule->value,
            'stroke' => PaintJson::write($this->stroke),
            'pen' => $this->pen === null ? null : [
                'width' => $this->pen->width, 'join' => $this->pen->join->value, 'cap' => $this->pen->cap->value,
                'dashes' => $this->pen->dashes, 'offset' => $this->pen->offset,
            ],
        ], fn (mixed $value): bool => $value !== null);
    }

    /**
     * A copy in finer units, so that little is lost where coordinates are rounded.
     *
     * @param  float  $fineness  units to a pixel of the drawing
     */
    public function finer(float $fineness): static
    {
        $by = $fineness * $this->matrix->stretch();
        $scaled = fn (Colour|Gradient|null $paint): Colour|Gradient|null => $paint instanceof Gradient ? $paint->scaled($by) : $paint;

        return new self(
            $this->path->scaled($by),
            $this->matrix->after(Affine::scaling(1 / $by, 1 / $by)),
            $scaled($this->fill),
            $this->rule,
            $scaled($this->stroke),
            $this->pen?->scaled($by),
        );
    }

    /** The box of its outline alone; a line along it reaches beyond. */
    public function bounds(Affine $matrix): ?Box
    {
        return $this->path->transformed($matrix->after($this->matrix))->bounds();
    }

    /** How far its line reaches beyond its outline, at most, in the drawing's pixels. */
    public function reach(): float
    {
        return $this->pen === null || $this->stroke === null ? 0.0 : $this->pen->reach() * $this->matrix->stretch();
    }

    public function operations(Affine $matrix): array
    {
        $outline = Outline::of($this->path);
        $placed = $matrix->after($this->matrix);

        return [
            ...($this->fill === null ? [] : [new Fill($outline, $placed, $this->fill, $this->rule)]),
            ...($this->stroke === null || $this->pen === null ? [] : [new Stroke($outline, $placed, $this->stroke, $this->pen)]),
        ];
    }
}
