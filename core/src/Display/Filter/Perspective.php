<?php

declare(strict_types=1);

namespace Ricamo\Core\Display\Filter;

use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Geometry\Projection;

/** A sheet in space as a grid of cells that are small enough to be taken for flat ones. */
final class Perspective
{
    /** How far, in drawn pixels, the middle of a cell may be from where perspective has it. */
    private const TOLERANCE = 0.1;

    private const MOST_CELLS = 32;

    /** @return ?Warp null where nothing of the sheet is in front of the viewer */
    public static function of(Box $sheet, Projection $seen): ?Warp
    {
        [$g, $h] = [$seen->g, $seen->h];
        $steep = hypot($g, $h);
        // One axis leads straight away from the viewer; along the other all is equally far.
        $away = $steep < 1e-12 ? new Point(1, 0) : new Point($g / $steep, $h / $steep);
        $along = new Point(-$away->y, $away->x);
        $corners = $sheet->corners();
        $s = array_map($away->dot(...), $corners);
        $t = array_map($along->dot(...), $corners);
        [$nearest, $farthest] = [$seen->i + $steep * min($s), $seen->i + $steep * max($s)];
        if ($farthest <= Projection::NEAREST) {
            return null;
        }
        $nearest = max(Projection::NEAREST, $nearest);
        $place = function (float $row, float $column) use ($seen, $steep, $away, $along, $s, $t, $nearest, $farthest): Point {
            // What is evenly spaced on the picture is evenly spaced in the reciprocal of its distance.
            $distance = 1 / ((1 - $row) / $nearest + $row / $farthest);
            $s = $steep < 1e-12 ? min($s) + $row * (max($s) - min($s)) : ($distance - $seen->i) / $steep;
            $t = min($t) + $column * (max($t) - min($t));

            return new Point($away->x * $s + $along->x * $t, $away->y * $s + $along->y * $t);
        };
        $cells = 1;
        while ($cells < self::MOST_CELLS && self::error($seen, $place, $cells) > self::TOLERANCE) {
            $cells *= 2;
        }
        [$from, $to] = [[], []];
        for ($row = 0; $row <= $cells; $row++) {
            for ($column = 0; $column <= $cells; $column++) {
                $from[] = $place($row / $cells, $column / $cells);
                $to[] = $seen->apply(end($from));
            }
        }

        return new Warp($cells, $from, $to);
    }

    /**
     * How far what is in the middle of a cell would be from where it belongs: half-way along its diagonal, on which its two
     * triangles meet, on the sheet.
     *
     * @param  callable(float, float): Point  $place
     */
    private static function error(Projection $seen, callable $place, int $cells): float
    {
        $worst = 0.0;
        for ($row = 0; $row < $cells; $row++) {
            foreach ([0, $cells - 1] as $column) {
                $one = $place($row / $cells, ($column + 1) / $cells);
                $other = $place(($row + 1) / $cells, $column / $cells);
                $off = $seen->apply($one->mix($other, 0.5))->minus($seen->apply($one)->mix($seen->apply($other), 0.5));
                $worst = max($worst, hypot($off->x, $off->y));
            }
        }

        return $worst;
    }
}
