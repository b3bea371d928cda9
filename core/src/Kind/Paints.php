<?php

declare(strict_types=1);

namespace Ricamo\Core\Kind;

use Ricamo\Core\Colour\Colour;
use Ricamo\Core\Display\Corners;
use Ricamo\Core\Display\Gradient;
use Ricamo\Core\Display\Operation;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Effect\Values;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Layout\Fitting;
use Ricamo\Core\Paint\GradientForm;
use Ricamo\Core\Paint\Painted;
use Ricamo\Core\Paint\PicturePaint;
use Ricamo\Core\Paint\PlacedGradient;
use Ricamo\Core\Paint\Shown;
use Ricamo\Core\Paint\Sweep;
use Ricamo\Core\Property\AttachedSettings;

/** What a layer's fill and outline are painted with at a moment. */
final class Paints
{
    /**
     * @param  Box  $box  of what is painted, in the layer's own space, in which the paint is, too
     * @return Colour|Gradient|Corners|Sweep|PicturePaint|null null where nothing is seen of it
     */
    public static function of(Painted $what, Layer $layer, int|float $at, Box $box): Colour|Gradient|Corners|Sweep|PicturePaint|null
    {
        foreach ($layer->attached->gradients as $gradient) {
            if ($gradient->of->is($what)) {
                return self::gradient($gradient, $layer, $at, $box);
            }
        }
        $colour = $layer->colour($what->colour(), $at);

        return $colour->isVisible() ? $colour : null;
    }

    /**
     * What outlines are filled and stroked with for a paint, in the space that a matrix leads from: with one that is more than that,
     * white, which `painted` then makes it of.
     */
    public static function within(Colour|Gradient|Corners|Sweep|PicturePaint $paint, Affine $placed = new Affine): Colour|Gradient|Corners
    {
        return match (true) {
            $paint instanceof Colour => $paint,
            $paint instanceof Sweep, $paint instanceof PicturePaint => new Colour(255, 255, 255),
            $paint instanceof Gradient => new Gradient($placed->inverse()->after($paint->matrix), $paint->stops, $paint->focus),
            default => new Corners($placed->inverse()->after($paint->matrix), $paint->colours),
        };
    }

    /**
     * @param  list<Operation>  $operations  that are filled and stroked with what `within` says
     * @param  Affine  $matrix  from the layer's own pixels to those that are drawn
     * @param  callable(Shown, Affine, Box, Fitting): list<Operation>  $shown  what of a picture or clip is to be seen, fitted
     *     to a box around the matrix's origin
     * @return list<Operation>
     */
    public static function painted(
        Colour|Gradient|Corners|Sweep|PicturePaint|null $paint,
        array $operations,
        Affine $matrix,
        callable $shown,
    ): array {
        return match (true) {
            $operations === [] || $paint instanceof Colour => $operations,
            $paint instanceof Sweep => [$paint->where($operations, $matrix)],
            $paint instanceof PicturePaint => $paint->where($operations, $matrix, $shown),
            default => $operations,
        };
    }

    /**
     * All of the picture that a layer is painted with, beyond the layer's edges, too; of its fill before that of its outline.
     *
     * @param  callable(Shown, Affine, Box, Fitting): list<Operation>  $shown  as `painted` takes it
     * @return list<Operation> none where it is painted with none
     */
    public static function beyond(Layer $layer, int|float $at, Box $box, Affine $matrix, callable $shown): array
    {
        $pictured = PlacedGradient::pictured($layer->attached->gradients);
        $paint = $pictured === null ? null : self::gradient($pictured, $layer, $at, $box);

        return $paint instanceof PicturePaint ? $paint->all($matrix, $shown) : [];
    }

    private static function gradient(
        PlacedGradient $gradient,
        Layer $layer,
        int|float $at,
        Box $box,
    ): Colour|Gradient|Corners|Sweep|PicturePaint|null {
        $values = AttachedSettings::values($gradient, $layer, $at);
        $shown = $gradient->shown();
        if ($shown !== null) {
            return new PicturePaint($shown, new Values($values), $box, $gradient->fitting);
        }
        $colours = array_map(fn (string $name): Colour => self::colour($values, $name), $gradient->colours());
        if (array_filter($colours, fn (Colour $colour): bool => $colour->isVisible()) === []) {
            return null;
        }
        if ($gradient->form === GradientForm::Corners) {
            return new Corners(
                new Affine(max(1e-6, $box->width()), 0, 0, max(1e-6, $box->height()), $box->left, $box->top),
                [$colours[0], $colours[1], $colours[2], $colours[3]],
            );
        }
        $stops = self::stops($colours, $values);
        if ($gradient->form === GradientForm::Linear) {
            [$from, $to] = [self::place($values, 'from', $box), self::place($values, 'to', $box)];
            $way = $to->minus($from);

            return $way->dot($way) < 1e-12
                ? $colours[count($colours) - 1]
                : new Gradient(new Affine($way->x, $way->y, -$way->y, $way->x, $from->x, $from->y), $stops);
        }
        $centre = self::place($values, 'centre', $box);
        if ($gradient->form === GradientForm::Sweep) {
            assert(is_float($values['angle']));

            return Sweep::over($box, $stops, $centre, $values['angle']);
        }
        assert(is_float($values['radius']));
        $radius = max(1e-6, $values['radius'] / 100 * max($box->width(), $box->height()) / 2);

        return new Gradient(new Affine($radius, 0, 0, $radius, $centre->x, $centre->y), $stops, new Point(0, 0));
    }

    /**
     * Stops in the order of their places: one that is led past another changes places with it.
     *
     * @param  list<Colour>  $colours
     * @param  array<string, mixed>  $values
     * @return non-empty-list<array{float, Colour}>
     */
    private static function stops(array $colours, array $values): array
    {
        $stops = [];
        foreach ($colours as $index => $colour) {
            $place = $values['at'.($index + 1)];
            assert(is_float($place));
            $stops[] = [max(0.0, min(1.0, $place / 100)), $colour];
        }
        assert($stops !== []);
        usort($stops, fn (array $a, array $b): int => $a[0] <=> $b[0]);

        return $stops;
    }

    /** @param  array<string, mixed>  $values */
    private static function colour(array $values, string $name): Colour
    {
        assert($values[$name] instanceof Colour);

        return $values[$name];
    }

    /** @param  array<string, mixed>  $values */
    private static function place(array $values, string $name, Box $box): Point
    {
        assert($values[$name] instanceof Point);

        return new Point($box->left + $values[$name]->x / 100 * $box->width(), $box->top + $values[$name]->y / 100 * $box->height());
    }
}
