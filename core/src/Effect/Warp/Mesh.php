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
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Property\PropertyDefinition;

/** Four rows of four points to pull at; between them the layer bends smoothly, and goes through each of them. */
final class Mesh implements Effect, HasAnchors, HasSample
{
    private const POINTS = 4;

    private const CELLS = 24;

    public function name(): string
    {
        return 'mesh';
    }

    public function title(): string
    {
        return 'Mesh';
    }

    public function settings(): array
    {
        return array_map(
            fn (array $place): PropertyDefinition => Setting::point(self::setting(...$place), "Row {$place[0]}, column {$place[1]}"),
            self::places(),
        );
    }

    public function anchors(): array
    {
        $anchors = [];
        foreach (self::places() as [$row, $column]) {
            $anchors[self::setting($row, $column)] = new Point(($column - 1) / (self::POINTS - 1), ($row - 1) / (self::POINTS - 1));
        }

        return $anchors;
    }

    public function sample(Box $box): array
    {
        $by = 0.12 * $box->shorter();

        return ['point22' => new Point($by, -$by), 'point33' => new Point($by, $by), 'point14' => new Point(-$by, $by)];
    }

    /** However it is pulled. */
    public function allows(Values $values, Box $box): bool
    {
        return true;
    }

    public function times(): int
    {
        return 1;
    }

    public function apply(array $operations, Values $values, Place $place): array
    {
        $moved = array_map(fn (array $at): Point => $values->point(self::setting(...$at)), self::places());
        $extent = DisplayList::extentOf($operations);
        if (
            $extent === null
            || $place->box->shorter() < 1e-3
            || array_filter($moved, fn (Point $by): bool => hypot($by->x, $by->y) > 1e-3) === []
        ) {
            return $operations;
        }
        $own = $place->own($extent->grown(1))->union($place->box);
        [$from, $to] = [[], []];
        for ($row = 0; $row <= self::CELLS; $row++) {
            for ($column = 0; $column <= self::CELLS; $column++) {
                $point = new Point($own->left + $own->width() * $column / self::CELLS, $own->top + $own->height() * $row / self::CELLS);
                $from[] = $place->point($point);
                $to[] = $place->point($point->plus(self::pull(
                    $moved, ($point->x - $place->box->left) / $place->box->width(), ($point->y - $place->box->top) / $place->box->height(),
                )));
            }
        }

        return [new Group($operations, filters: [new Warp(self::CELLS, $from, $to)])];
    }

    /**
     * How far a place of the box is pulled. What hangs over its edges goes along with them.
     *
     * @param  list<Point>  $moved  row by row
     */
    private static function pull(array $moved, float $u, float $v): Point
    {
        [$across, $down] = [self::weights(max(0, min(1, $u))), self::weights(max(0, min(1, $v)))];
        [$x, $y] = [0.0, 0.0];
        foreach ($moved as $index => $by) {
            $weight = $across[$index % self::POINTS] * $down[intdiv($index, self::POINTS)];
            $x += $weight * $by->x;
            $y += $weight * $by->y;
        }

        return new Point($x, $y);
    }

    /** @return list<float> of the four points, Lagrange's cubic polynomials through 0, 1/3, 2/3 and 1 */
    private static function weights(float $t): array
    {
        $s = 3 * $t;

        return [
            -($s - 1) * ($s - 2) * ($s - 3) / 6, $s * ($s - 2) * ($s - 3) / 2, -$s * ($s - 1) * ($s - 3) / 2, $s * ($s - 1) * ($s - 2) / 6,
        ];
    }

    private static function setting(int $row, int $column): string
    {
        return "point$row$column";
    }

    /** @return list<array{int, int}> row and column, from 1 */
    private static function places(): array
    {
        return array_map(
            fn (int $index): array => [intdiv($index, self::POINTS) + 1, $index % self::POINTS + 1], range(0, self::POINTS ** 2 - 1),
        );
    }
}
