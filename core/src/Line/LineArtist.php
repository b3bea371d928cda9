<?php

namespace Ricamo\Core\Line;

use Ricamo\Core\Colour\Colour;
use Ricamo\Core\Display\Cap;
use Ricamo\Core\Display\Corners;
use Ricamo\Core\Display\Fill;
use Ricamo\Core\Display\Gradient;
use Ricamo\Core\Display\Join;
use Ricamo\Core\Display\Operation;
use Ricamo\Core\Display\Outline;
use Ricamo\Core\Display\Pen;
use Ricamo\Core\Display\Stroke;
use Ricamo\Core\Document\Attachments;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Effect\Values;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Path;
use Ricamo\Core\Path\Contour;
use Ricamo\Core\Path\Contours;

/** Draws the outline of a layer: whole or in part, in dashes, tapered, or with a brush. */
final readonly class LineArtist
{
    /** The most dashes that an outline is broken into. */
    private const MOST_DASHES = 5000;

    /** How wide a stem is that leaves are on, in widths of the line. */
    private const STEM = 0.22;

    private LineStyle $style;

    private ?BrushStroke $brush;

    private bool $hasStem;

    /**
     * @param  float  $width  in the units of the outlines
     * @param  float  $unit  pixels that one of them is
     */
    public function __construct(Layer $layer, int|float $at, private float $width, private Join $join, private Cap $cap = Cap::Butt, private float $unit = 1.0)
    {
        $this->style = LineStyle::of($layer, $at);
        $brush = $layer->brush;
        $this->brush = $brush === null || ! $brush->on ? null : new BrushStroke($brush, new Values(Attachments::values($brush, $layer, $at)), $width);
        $this->hasStem = $brush?->form === BrushForm::Leaves;
    }

    /**
     * @param  Affine  $matrix  from the outline's space to the pixels that are drawn
     * @param  callable(Affine): (Colour|Gradient|Corners)  $paint  in the space that a matrix leads to the outline's from
     * @return list<Operation>
     */
    public function draw(Outline $outline, Affine $matrix, callable $paint): array
    {
        if ($this->brush !== null) {
            $measured = Measured::of($outline);
            $stem = $this->hasStem ? $this->lines($outline, $matrix, $paint, $this->width * self::STEM) : [];

            return [...$stem, ...$this->brush->along($measured, $this->style, $outline->key, $matrix, $paint)];
        }

        return $this->lines($outline, $matrix, $paint, $this->width);
    }

    /**
     * @param  callable(Affine): (Colour|Gradient|Corners)  $paint
     * @return list<Operation>
     */
    private function lines(Outline $outline, Affine $matrix, callable $paint, float $width): array
    {
        if ($this->style->isWhole() && ! $this->style->isTapered()) {
            return [new Stroke($outline, $matrix, $paint(new Affine), $this->pen($width, $outline))];
        }
        $measured = Measured::of($outline);
        $parts = $this->style->isWhole() ? self::opened($measured) : $measured->parts($this->style);
        if ($parts === []) {
            return [];
        }
        if ($this->style->isTapered()) {
            $area = Path::joined(array_map(fn (Contour $part): Path => Taper::of($part, $width, $this->style->taperBegin / 100, $this->style->taperEnd / 100), $parts));

            return $area->isEmpty() ? [] : [new Fill(Outline::of($area), $matrix, $paint(new Affine))];
        }
        $drawn = Outline::of((new Contours($parts))->path());

        return [new Stroke($drawn, $matrix, $paint(new Affine), $this->pen($width, $outline))];
    }

    /** @return list<Contour> */
    private static function opened(Measured $measured): array
    {
        return array_values(array_filter(array_map(fn ($line): ?Contour => $line->part(0, $line->length), $measured->lines)));
    }

    private function pen(float $width, Outline $outline): Pen
    {
        [$dash, $gap] = [$this->style->dash / $this->unit, $this->style->gap / $this->unit];
        if ($dash <= 0 || $gap <= 0) {
            return new Pen($width, $this->join, $this->cap);
        }
        // So fine that they could not be told apart, and would take all day.
        $count = array_sum(Measured::of($outline)->lengths) / ($dash + $gap);

        return $count > self::MOST_DASHES ? new Pen($width, $this->join, $this->cap) : new Pen($width, $this->join, $this->cap, [$dash, $gap], $this->style->dashOffset / $this->unit);
    }
}
