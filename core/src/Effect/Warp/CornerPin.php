<?php

declare(strict_types=1);

namespace Ricamo\Core\Effect\Warp;

use Ricamo\Core\Display\DisplayList;
use Ricamo\Core\Display\Filter\Warp;
use Ricamo\Core\Display\Group;
use Ricamo\Core\Effect\Effect;
use Ricamo\Core\Effect\HasAnchors;
use Ricamo\Core\Effect\HasSample;
use Ricamo\Core\Effect\Place;
use Ricamo\Core\Effect\Setting;
use Ricamo\Core\Effect\Values;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Homography;
use Ricamo\Core\Geometry\Point;

/** The layer as a flat picture in a room, by where its four corners are seen. */
final class CornerPin implements Effect, HasAnchors, HasSample
{
    /** How far, in drawn pixels, any point of a cell may be from where perspective has it. */
    private const TOLERANCE = 0.1;

    private const MOST_CELLS = 32;

    /** A point that is seen so many times larger than the nearest corner is not drawn: it is too close to the horizon. */
    private const NEAREST = 0.25;

    public function name(): string
    {
        return 'corner-pin';
    }

    public function title(): string
    {
        return 'Corner pin';
    }

    public function settings(): array
    {
        return [
            Setting::point('topLeft', 'Top left'), Setting::point('topRight', 'Top right'),
            Setting::point('bottomRight', 'Bottom right'), Setting::point('bottomLeft', 'Bottom left'),
        ];
    }

    public function anchors(): array
    {
        return [
            'topLeft' => new Point(0, 0), 'topRight' => new Point(1, 0), 'bottomRight' => new Point(1, 1), 'bottomLeft' => new Point(0, 1),
        ];
    }

    public function sample(Box $box): array
    {
        return [
            'topRight' => new Point(-0.12 * $box->width(), 0.22 * $box->height()),
            'bottomRight' => new Point(-0.12 * $box->width(), -0.22 * $box->height()),
        ];
    }

    public function allows(Values $values, Box $box): bool
    {
        return self::perspective($box, self::moved($values), new Place(new Affine)) !== null;
    }

    public function times(): int
    {
        return 1;
    }

    /** What cannot be seen so, because corners lie within the others or across, is not seen at all. */
    public function apply(array $operations, Values $values, Place $place): array
    {
        $box = $place->box;
        $extent = DisplayList::extentOf($operations);
        $moved = self::moved($values);
        if (
            $extent === null
            || $place->box->shorter() < 1e-3
            || array_filter($moved, fn (Point $by): bool => hypot($by->x, $by->y) > 1e-3) === []
        ) {
            return $operations;
        }
        $seen = self::perspective($box, $moved, $place);

        return $seen === null
            ? []
            : [new Group(
                $operations, filters: [$this->warp($seen, $box, self::part($seen, $box, $place->own($extent->grown(1))), $place)],
            )];
    }

    /** @return list<Point> how far each corner is pulled, clockwise from the top left one */
    private static function moved(Values $values): array
    {
        return array_map(fn (string $name): Point => $values->point($name), ['topLeft', 'topRight', 'bottomRight', 'bottomLeft']);
    }

    /**
     * From parts of the box to where they are seen, in drawn pixels.
     *
     * @param  list<Point>  $moved  how far each corner is pulled, clockwise from the top left one
     */
    private static function perspective(Box $box, array $moved, Place $place): ?Homography
    {
        $corners = [
            new Point($box->left, $box->top),
            new Point($box->right, $box->top),
            new Point($box->right, $box->bottom),
            new Point($box->left, $box->bottom),
        ];

        return Homography::of(...array_map(fn (Point $corner, Point $by): Point => $place->point($corner->plus($by)), $corners, $moved));
    }

    /** As much of what is drawn as lies well in front of the horizon, in parts of the box. */
    private static function part(Homography $seen, Box $box, Box $drawn): Box
    {
        $least = self::NEAREST * self::nearness($seen, new Box(0, 0, 1, 1));
        $whole = new Box(
            min(0, ($drawn->left - $box->left) / $box->width()), min(0, ($drawn->top - $box->top) / $box->height()),
            max(1, ($drawn->right - $box->left) / $box->width()), max(1, ($drawn->bottom - $box->top) / $box->height()),
        );
        for ($share = 1.0; $share > 0.01; $share *= 0.7) {
            $part = new Box(
                $share * $whole->left, $share * $whole->top, 1 + $share * ($whole->right - 1), 1 + $share * ($whole->bottom - 1),
            );
            if (self::nearness($seen, $part) >= $least) {
                return $part;
            }
        }

        return new Box(0, 0, 1, 1);
    }

    private static function nearness(Homography $seen, Box $part): float
    {
        return min(
            $seen->nearness($part->left, $part->top),
            $seen->nearness($part->right, $part->top),
            $seen->nearness($part->left, $part->bottom),
            $seen->nearness($part->right, $part->bottom),
        );
    }

    private function warp(Homography $seen, Box $box, Box $part, Place $place): Warp
    {
        $cells = 1;
        while ($cells < self::MOST_CELLS && self::error($seen, $part, $cells) > self::TOLERANCE) {
            $cells *= 2;
        }
        [$from, $to] = [[], []];
        for ($row = 0; $row <= $cells; $row++) {
            for ($column = 0; $column <= $cells; $column++) {
                $u = $part->left + $part->width() * $column / $cells;
                $v = $part->top + $part->height() * $row / $cells;
                $from[] = $place->point(new Point($box->left + $u * $box->width(), $box->top + $v * $box->height()));
                $to[] = $seen->apply($u, $v);
            }
        }

        return new Warp($cells, $from, $to);
    }

    /** How far the middles of the sides of cells would be from where they belong. */
    private static function error(Homography $seen, Box $part, int $cells): float
    {
        $worst = 0.0;
        foreach (range(0, $cells - 1) as $cell) {
            foreach ([0.0, 0.5, 1.0] as $across) {
                foreach ([true, false] as $isAlong) {
                    $at = function (float $along) use ($seen, $part, $cells, $across, $isAlong): Point {
                        [$u, $v] = $isAlong ? [$along / $cells, $across] : [$across, $along / $cells];

                        return $seen->apply($part->left + $u * $part->width(), $part->top + $v * $part->height());
                    };
                    $off = $at($cell + 0.5)->minus($at($cell)->mix($at($cell + 1), 0.5));
                    $worst = max($worst, hypot($off->x, $off->y));
                }
            }
        }

        return $worst;
    }
}
