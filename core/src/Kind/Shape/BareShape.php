<?php

declare(strict_types=1);

namespace Ricamo\Core\Kind\Shape;

use Ricamo\Core\Colour\Colour;
use Ricamo\Core\Display\Cap;
use Ricamo\Core\Display\Fill;
use Ricamo\Core\Display\Join;
use Ricamo\Core\Display\Outline;
use Ricamo\Core\Display\Pen;
use Ricamo\Core\Display\Stroke;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Kind\Prepared;
use Ricamo\Core\Line\LineStyle;
use Ricamo\Core\Property\Resting;

/**
 * A shape of one form that never changes, once, in plain colours, with a whole line around it: what most shapes are. What there is
 * to draw of it is known beforehand but for its colours and how wide the line is. `ShapeArtist` draws the same, and all others.
 */
final readonly class BareShape implements Prepared
{
    private function __construct(private Outline $outline, private Cap $cap)
    {
    }

    /** @return ?self null where it is no such shape */
    public static function of(Layer $layer, Outlines $outlines): ?self
    {
        $resting = Resting::of($layer);
        $known = $resting->made[self::class] ??= self::made($layer, $outlines) ?? false;

        return $known instanceof self ? $known : null;
    }

    private static function made(Layer $layer, Outlines $outlines): ?self
    {
        $shape = $layer->content;
        $hasMore = $layer->attached->cascades !== []
            || $layer->attached->gradients !== []
            || $layer->attached->outlines !== []
            || $layer->attached->brush !== null;
        if (! $shape instanceof ShapeContent || $hasMore || $shape->widths !== [] || $shape->ends->isMarked()) {
            return null;
        }
        $in = $layer->span->in;
        [$formed, $style] = [Formed::of($shape->form, $layer, $in), LineStyle::of($layer, $in)];
        $rests = array_filter(
            [$shape->form->name, LineStyle::class, Repeats::class], fn (string $of): bool => ! self::rests($layer, $of),
        ) === [];
        $isWhole = $style->isWhole() && $style->taperBegin <= 0 && $style->taperEnd <= 0 && ($style->dash <= 0 || $style->gap <= 0);

        return $rests && $isWhole && ! $formed->isEmpty() ? new self($outlines->of($formed), $shape->ends->cap) : null;
    }

    /** Whether there is one of it, and what it is made of has no keyframes. */
    private static function rests(Layer $layer, string $of): bool
    {
        return Repeats::isOne($layer, $layer->span->in) && (Resting::of($layer)->made[$of] ?? false) !== false;
    }

    public function draw(Layer $layer, int|float $at, Affine $matrix): array
    {
        // Asked of the properties themselves: most of what there is to evaluate is asked for here.
        [$properties, $span] = [$layer->properties, $layer->span];
        $fill = $properties['fill']->at($at, $span);
        assert($fill instanceof Colour);
        $operations = $fill->alpha > 0 ? [new Fill($this->outline, $matrix, $fill)] : [];
        $width = $properties['outlineWidth']->at($at, $span);
        assert(is_float($width));
        if ($width > 0) {
            $colour = $properties['outline']->at($at, $span);
            assert($colour instanceof Colour);
            if ($colour->alpha > 0) {
                $operations[] = new Stroke($this->outline, $matrix, $colour, new Pen($width, Join::Miter, $this->cap));
            }
        }

        return $operations;
    }
}
