<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Layers;

use Ricamo\Core\Colour\Colour;
use Ricamo\Core\Display\FillRule;
use Ricamo\Core\Display\Gradient;
use Ricamo\Core\Drawing\DrawnShape;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Paint\PlacedGradient;
use Ricamo\Core\Path\Along;
use Ricamo\Core\Path\Contour;
use Ricamo\Core\Path\Contours;

/** A part of a drawing as the shape that a document holds. */
final class DrawnLayer
{
    /** At so many places it is looked at whether one line lies within another. */
    private const PLACES = 48;

    private const CLEAR = '#00000000';

    /**
     * @param  float  $x  the middle of the drawing, from its top left corner
     * @return ?array<string, mixed> null for one that draws nothing
     */
    public static function of(DrawnShape $part, float $x, float $y): ?array
    {
        $path = Contours::of($part->path->transformed(Affine::translation(-$x, -$y)->after($part->matrix)));
        $path = $part->rule === FillRule::EvenOdd ? self::wound($path) : $path;
        $box = $path->path()->bounds();
        if ($box === null || $path->count() > Contours::MOST) {
            return null;
        }
        $middle = $box->centre();
        $toLayer = Affine::translation(-$x - $middle->x, -$y - $middle->y)->after($part->matrix);
        $own = $box->translated(new Point(-$middle->x, -$middle->y));
        $scale = sqrt(abs($part->matrix->determinant()));
        $isDrawn = $part->stroke !== null && $part->pen !== null;
        $width = $isDrawn ? $part->pen->width * $scale : 0.0;
        $gradients = array_values(array_filter([
            $part->fill instanceof Gradient ? self::gradient('fill', $part->fill, $toLayer, $own) : null,
            $isDrawn && $part->stroke instanceof Gradient ? self::gradient(
                'outline', $part->stroke, $toLayer, $own->grown($width / 2),
            ) : null,
        ]));

        return [
            'kind' => 'shape', 'form' => 'path',
            'path' => $path->mapped(fn (Point $at): Point => $at->minus($middle))->write(),
            'position' => [round($middle->x, 3), round($middle->y, 3)],
            'fill' => $part->fill instanceof Colour ? (string) $part->fill : self::CLEAR,
            ...($gradients === [] ? [] : ['gradients' => $gradients]),
            ...($isDrawn ? [
                'outline' => $part->stroke instanceof Colour ? (string) $part->stroke : self::CLEAR,
                'outlineWidth' => round($width, 4), 'cap' => $part->pen->cap->value,
                ...(count($part->pen->dashes) === 2 ? [
                    'dash' => $part->pen->dashes[0] * $scale, 'gap' => $part->pen->dashes[1] * $scale,
                    'dashOffset' => $part->pen->offset * $scale,
                ] : []),
            ] : []),
        ];
    }

    /** Lines turned so that what is within an odd number of others is not filled by the rule that shapes have. */
    private static function wound(Contours $path): Contours
    {
        $outlines = array_map(function (Contour $one): array {
            $along = new Along($one);

            return array_map(fn (int $step): Point => $along->at($step / self::PLACES * $along->length), range(0, self::PLACES - 1));
        }, $path->all);

        return new Contours(array_map(function (Contour $one, int $index) use ($outlines): Contour {
            $depth = count(array_filter(
                $outlines,
                fn (array $other, int $number): bool => $number !== $index && self::isWithin($outlines[$index][0], $other),
                ARRAY_FILTER_USE_BOTH,
            ));

            return ($one->winding() >= 0) === ($depth % 2 === 0) ? $one : $one->reversed();
        }, $path->all, array_keys($path->all)));
    }

    /** @param  list<Point>  $outline */
    private static function isWithin(Point $point, array $outline): bool
    {
        $isWithin = false;
        $last = $outline[count($outline) - 1] ?? $point;
        foreach ($outline as $next) {
            if (
                ($last->y > $point->y) !== ($next->y > $point->y)
                && $point->x < $last->x + ($next->x - $last->x) * ($point->y - $last->y) / ($next->y - $last->y)
            ) {
                $isWithin = ! $isWithin;
            }
            $last = $next;
        }

        return $isWithin;
    }

    /**
     * Its points in per cent of the box. What is round in a drawing that was stretched is round here, too.
     *
     * @return ?array<string, mixed> null for one that is nowhere
     */
    private static function gradient(string $of, Gradient $gradient, Affine $toLayer, Box $box): ?array
    {
        if ($box->width() <= 0 || $box->height() <= 0) {
            return null;
        }
        $matrix = $toLayer->after($gradient->matrix);
        $share = function (Point $at) use ($matrix, $box): array {
            $placed = $matrix->apply($at);

            return [round(100 * ($placed->x - $box->left) / $box->width(), 3), round(100 * ($placed->y - $box->top) / $box->height(), 3)];
        };
        $stops = count($gradient->stops) < PlacedGradient::LEAST_STOPS
            ? [...$gradient->stops, ...$gradient->stops]
            : array_slice($gradient->stops, 0, PlacedGradient::MOST_STOPS);
        $colours = [];
        foreach ($stops as $index => [$at, $colour]) {
            $colours['colour'.($index + 1)] = (string) $colour;
            $colours['at'.($index + 1)] = round(100 * $at, 3);
        }
        $radius = 100 * sqrt(abs($matrix->determinant())) / max(1e-6, max($box->width(), $box->height()) / 2);

        return [
            'of' => $of, 'form' => $gradient->focus === null ? 'linear' : 'radial', 'stops' => count($stops), ...$colours,
            ...($gradient->focus === null ? [
                'from' => $share(new Point(0, 0)), 'to' => $share(new Point(1, 0)),
            ] : ['centre' => $share(new Point(0, 0)), 'radius' => round($radius, 3)]),
        ];
    }
}
