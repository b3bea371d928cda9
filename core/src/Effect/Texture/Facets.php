<?php

declare(strict_types=1);

namespace Ricamo\Core\Effect\Texture;

use Ricamo\Core\Colour\Colour;
use Ricamo\Core\Display\DisplayList;
use Ricamo\Core\Display\Fill;
use Ricamo\Core\Display\Filter\Cells;
use Ricamo\Core\Display\Grain;
use Ricamo\Core\Display\Group;
use Ricamo\Core\Display\MaskPart;
use Ricamo\Core\Display\Outline;
use Ricamo\Core\Effect\Effect;
use Ricamo\Core\Effect\Place;
use Ricamo\Core\Effect\Setting;
use Ricamo\Core\Effect\Values;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Path;
use Ricamo\Core\Geometry\Point;

/** Triangles of one colour each, as of cut stone: two in every square; cut anew again and again, where that is wished. */
final class Facets implements Effect
{
    /** How many points of a triangle its colour is the mean of: a power of two. */
    private const POINTS = 32;

    /** The most squares that are cut; where there would be more, they are larger. */
    private const MOST = 4000;

    public function name(): string
    {
        return 'facets';
    }

    public function title(): string
    {
        return 'Facets';
    }

    public function settings(): array
    {
        return [Setting::pixels('side', 'Side', 60, 2000), Setting::count('every', 'New every', 0, 0, 10_000, 'frames')];
    }

    public function times(): int
    {
        return 2;
    }

    public function apply(array $operations, Values $values, Place $place): array
    {
        $extent = DisplayList::extentOf($operations);
        $side = $place->length($values->number('side'));
        if ($extent === null || $side < 1.5) {
            return $operations;
        }
        $side = max($side, sqrt($extent->width() * $extent->height() / self::MOST));
        $every = (int) $values->number('every');
        // Cut anew, the squares begin elsewhere within one.
        $cut = $every === 0 ? 0 : Grain::hash((int) floor($place->at / $every) + 1);
        $origin = $place->point(new Point(0, 0))->plus(new Point($side * ($cut % 256) / 256, $side * (($cut >> 8) % 256) / 256));
        // The upper left halves of all, and over them the lower right ones.
        $points = self::points();
        $upper = new Group($operations, filters: [new Cells($origin, $side, $points)]);
        $lower = new Group(
            $operations,
            filters: [new Cells($origin, $side, array_map(fn (Point $point): Point => new Point(1 - $point->x, 1 - $point->y), $points))],
        );
        $halves = [];
        for ($row = (int) floor(($extent->top - $origin->y) / $side) - 1; $row * $side <= $extent->bottom - $origin->y + $side; $row++) {
            for (
                $column = (int) floor(($extent->left - $origin->x) / $side) - 1;
                $column * $side <= $extent->right - $origin->x + $side;
                $column++
            ) {
                $halves[] = Path::polygon([new Point($column + 1, $row), new Point($column + 1, $row + 1), new Point($column, $row + 1)]);
            }
        }
        $squares = new Affine($side, 0, 0, $side, $origin->x, $origin->y);
        $seen = new Fill(Outline::of(Path::joined($halves)), $squares, new Colour(0, 0, 0));

        return [$upper, new Group([$lower], masks: [new MaskPart([$seen])])];
    }

    /**
     * @return non-empty-list<Point> evenly over the upper left half of a square: Halton's sequence in bases 2 and 3, folded
     *     over the diagonal
     */
    private static function points(): array
    {
        return array_map(function (int $index): Point {
            [$x, $y] = [self::radical($index, 2), self::radical($index, 3)];

            return $x + $y > 1 ? new Point(1 - $x, 1 - $y) : new Point($x, $y);
        }, range(1, self::POINTS));
    }

    /** The digits of a number in a base, mirrored at the point. */
    private static function radical(int $index, int $base): float
    {
        $value = 0.0;
        for ($part = 1 / $base; $index > 0; $part /= $base) {
            $value += $part * ($index % $base);
            $index = intdiv($index, $base);
        }

        return $value;
    }
}
