<?php

declare(strict_types=1);

namespace Ricamo\Core\Kind;

use Closure;
use Ricamo\Core\Colour\Colour;
use Ricamo\Core\Display\Corners;
use Ricamo\Core\Display\Fill;
use Ricamo\Core\Display\Gradient;
use Ricamo\Core\Display\Group;
use Ricamo\Core\Display\Join;
use Ricamo\Core\Display\Operation;
use Ricamo\Core\Display\Outline;
use Ricamo\Core\Display\Pen;
use Ricamo\Core\Display\Stroke;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Effect\Values;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Path;
use Ricamo\Core\Kind\Shape\ShapeContent;
use Ricamo\Core\Layout\Fitting;
use Ricamo\Core\Line\BrushForm;
use Ricamo\Core\Line\BrushStroke;
use Ricamo\Core\Line\LineEnds;
use Ricamo\Core\Line\LineStyle;
use Ricamo\Core\Line\Marked;
use Ricamo\Core\Line\Measured;
use Ricamo\Core\Line\Taper;
use Ricamo\Core\Line\Widths;
use Ricamo\Core\Paint\Shown;
use Ricamo\Core\Path\Along;
use Ricamo\Core\Path\Contour;
use Ricamo\Core\Path\Contours;
use Ricamo\Core\Property\AttachedSettings;

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

    private Widths $widths;

    /** How wide a mark is at an end. */
    private float $markSize;

    /**
     * @param  float  $width  in the units of the outlines
     * @param  float  $unit  pixels that one of them is
     * @param  (Closure(Shown, Affine, Box, Fitting): list<Operation>)|null  $pictures  what is to be seen of pictures, where a
     *     brush sets them
     */
    public function __construct(
        Layer $layer,
        int|float $at,
        private float $width,
        private Join $join,
        private LineEnds $ends = new LineEnds,
        private float $unit = 1.0,
        ?Closure $pictures = null,
    ) {
        $this->style = LineStyle::of($layer, $at);
        $brush = $layer->attached->brush;
        $shape = $layer->content instanceof ShapeContent ? $layer->content : null;
        $this->markSize = $this->ends->isMarked() ? $width * $layer->number('endSize', $at) / 100 : 0.0;
        $this->widths = new Widths($shape->widths ?? [], $this->style->taperBegin / 100, $this->style->taperEnd / 100);
        $this->brush = $brush === null || ! $brush->on
            ? null
            : new BrushStroke($brush, new Values(AttachedSettings::values($brush, $layer, $at)), $width, $this->widths, $pictures);
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
            $stem = $this->hasStem ? $this->lines($outline, $matrix, $paint, $this->width * self::STEM) : [];

            return [
                ...$stem,
                ...$this->brush->along(Measured::of($outline), $this->style, $outline->key, $matrix, $paint),
                ...$this->marks($outline, $matrix, $paint),
            ];
        }
        if (! $this->ends->isMarked()) {
            return $this->lines($outline, $matrix, $paint, $this->width);
        }
        $colour = $paint(new Affine);
        if (! $colour instanceof Colour || $colour->alpha === 255) {
            return [...$this->lines($outline, $matrix, $paint, $this->width), ...$this->marks($outline, $matrix, $paint)];
        }
        // The marks lie a little over the line: as one, so that this is not seen where both are translucent.
        $opaque = fn (): Colour => new Colour($colour->red, $colour->green, $colour->blue);

        return Group::fade(
            [...$this->lines($outline, $matrix, $opaque, $this->width), ...$this->marks($outline, $matrix, $opaque)], $colour->alpha / 255,
        );
    }

    /**
     * @param  callable(Affine): (Colour|Gradient|Corners)  $paint
     * @return list<Fill>
     */
    private function marks(Outline $outline, Affine $matrix, callable $paint): array
    {
        return $this->ends->isMarked() ? self::filled($this->parts(Measured::of($outline))[1], $matrix, $paint) : [];
    }

    /**
     * @param  callable(Affine): (Colour|Gradient|Corners)  $paint
     * @return list<Operation>
     */
    private function lines(Outline $outline, Affine $matrix, callable $paint, float $width): array
    {
        $isEven = $this->widths->isEven();
        if ($this->style->isWhole() && $isEven && ! $this->ends->isMarked()) {
            return [new Stroke($outline, $matrix, $paint(new Affine), $this->pen($width, $outline))];
        }
        $measured = Measured::of($outline);
        [$drawn] = $this->parts($measured);
        if ($isEven) {
            $parts = array_values(array_filter(array_map(fn (array $one): ?Contour => $measured->part(...$one), $drawn)));

            return $parts === []
                ? []
                : [new Stroke(Outline::of((new Contours($parts))->path()), $matrix, $paint(new Affine), $this->pen($width, $outline))];
        }

        return self::filled(
            array_map(fn (array $one): Path => $this->area($measured->lines[$one[0]], $one[1], $one[2], $width), $drawn), $matrix, $paint,
        );
    }

    /**
     * @return array{list<array{int, float, float}>, list<Path>} the number of each line that is drawn, from where on it to
     *     where; and the marks at the ends of them
     */
    private function parts(Measured $measured): array
    {
        $drawn = $this->style->isWhole()
            ? array_map(
                fn (int $number, float $length): array => [$number, 0.0, $length], array_keys($measured->lengths), $measured->lengths,
            )
            : $this->style->drawn($measured->lengths, $measured->closed);
        if (! $this->ends->isMarked()) {
            return [$drawn, []];
        }
        $marks = [];
        foreach ($drawn as $index => [$number, $from, $to]) {
            $hasEnds = ! $measured->closed[$number] || $to - $from < $measured->lengths[$number] - 1e-9;
            if ($hasEnds && $to - $from > 1e-9) {
                $marked = Marked::of($measured->lines[$number], $from, $to, $this->ends, $this->markSize, $this->width);
                $drawn[$index] = [$number, $marked->from, $marked->to];
                $marks[] = $marked->marks;
            }
        }

        return [$drawn, $marks];
    }

    /**
     * @param  list<Path>  $areas
     * @param  callable(Affine): (Colour|Gradient|Corners)  $paint
     * @return list<Fill>
     */
    private static function filled(array $areas, Affine $matrix, callable $paint): array
    {
        $area = Path::joined($areas);

        return $area->isEmpty() ? [] : [new Fill(Outline::of($area), $matrix, $paint(new Affine))];
    }

    /** Of a part of a line that is not as wide all along. */
    private function area(Along $line, float $from, float $to, float $width): Path
    {
        $part = $line->part($from, $to);

        return $part === null
            ? new Path('', [])
            : Taper::of(
                $part,
                $width,
                fn (float $share): float => $this->widths->at(($from + $share * ($to - $from)) / max(1e-9, $line->length), $share),
            );
    }

    private function pen(float $width, Outline $outline): Pen
    {
        [$dash, $gap] = [$this->style->dash / $this->unit, $this->style->gap / $this->unit];
        if ($dash <= 0 || $gap <= 0) {
            return new Pen($width, $this->join, $this->ends->cap);
        }
        // So fine that they could not be told apart, and would take all day.
        $count = array_sum(Measured::of($outline)->lengths) / ($dash + $gap);

        return $count > self::MOST_DASHES
            ? new Pen($width, $this->join, $this->ends->cap)
            : new Pen($width, $this->join, $this->ends->cap, [$dash, $gap], $this->style->dashOffset / $this->unit);
    }
}
