<?php

declare(strict_types=1);

namespace Ricamo\Core\Patch;

use Ricamo\Core\Cascade\Dice;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Cut;
use Ricamo\Core\Geometry\Path;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Path\Contour;
use Ricamo\Core\Path\Contours;
use Ricamo\Core\Path\Knot;
use Ricamo\Core\Path\Rounding;

/**
 * Cuts a box into patches, from the upper left row by row, so that without a gap they are the whole box. Between two patches there is
 * a gap; the outer edges stay where they are.
 */
final readonly class Cutting
{
    /** How far a straight piece of a ring's edge may be from its circle, in pixels. */
    private const SAGITTA = 0.02;

    /** How far a shard's middle is thrown, in parts of a cell to either side. */
    private const THROW = 0.42;

    /** What is smaller, in square pixels, is no patch. */
    private const LEAST = 0.01;

    /** Points that are no further apart, in pixels, are one. */
    private const SAME = 0.001;

    /** What lies more cells away than this has no edge in common with a cell. */
    private const NEAR = 3;

    /**
     * @param  Box  $box  of the picture
     * @param  Box  $whole  to which the outer patches reach: the box, or more where something of the picture is seen beyond it
     * @param  float  $gap  pixels between two patches
     * @param  float  $rounding  radius of the corners in pixels
     * @param  ?Contour  $along  the path that it is cut along, where it is; a level line through the middle for none
     */
    public function __construct(
        private PatchForm $form,
        private int $rows,
        private int $columns,
        private int $seed,
        private Box $box,
        private Box $whole,
        private float $gap = 0.0,
        private float $rounding = 0.0,
        private ?Contour $along = null,
    ) {
    }

    /** @return list<Patch> none of a box without area */
    public function patches(): array
    {
        if ($this->box->width() <= 0 || $this->box->height() <= 0) {
            return [];
        }
        $polygons = match ($this->form) {
            PatchForm::Grid => $this->grid(),
            PatchForm::Rings => $this->rings(),
            PatchForm::Hexagons => $this->cells($this->lattice()),
            PatchForm::Shards => $this->cells($this->thrown()),
            PatchForm::Path => $this->nearest($this->beside()),
        };
        $patches = [];
        foreach ($polygons as $polygon) {
            // There are as many whatever is seen beyond the box.
            $inside = self::within($polygon, $this->box);
            if ($polygon !== [] && $inside !== [] && abs(self::area($inside)) >= self::LEAST) {
                $path = Path::polygon($polygon);
                $patches[] = new Patch(
                    $this->rounding > 0 ? Rounding::of(Contours::of($path), $this->rounding)->path() : $path, Box::around($inside),
                );
            }
        }

        return $patches;
    }

    /** @return list<list<Point>> */
    private function grid(): array
    {
        $across = self::stripes($this->box->left, $this->box->right, $this->columns, $this->gap);
        $down = self::stripes($this->box->top, $this->box->bottom, $this->rows, $this->gap);
        $polygons = [];
        foreach ($down as $row => [$top, $bottom]) {
            foreach ($across as $column => [$left, $right]) {
                $cell = new Box(
                    $column === 0 ? $this->whole->left : $left, $row === 0 ? $this->whole->top : $top,
                    $column === $this->columns - 1 ? $this->whole->right : $right,
                    $row === $this->rows - 1 ? $this->whole->bottom : $bottom,
                );
                $polygons[] = $right > $left && $bottom > $top ? $cell->corners() : [];
            }
        }

        return $polygons;
    }

    /** @return list<array{float, float}> where equally wide stripes begin and end */
    private static function stripes(float $from, float $to, int $count, float $gap): array
    {
        $wide = max(0.0, ($to - $from - ($count - 1) * $gap) / $count);
        // Neighbours that touch share the very same number.
        $begin = fn (int $index): float => $index === $count ? $to + $gap : $from + $index * (($to - $from + $gap) / $count);

        return array_map(
            fn (int $index): array => [$begin($index), $wide === 0.0 ? $begin($index) : $begin($index + 1) - $gap], range(0, $count - 1),
        );
    }

    /** @return list<Point> middles of equal hexagons that stand on a corner, every other row half a hexagon further */
    private function lattice(): array
    {
        [$wide, $high] = [$this->box->width() / $this->columns, $this->box->height() / $this->rows];
        $points = [];
        for ($row = 0; $row < $this->rows; $row++) {
            for ($column = 0; $column < $this->columns; $column++) {
                $points[] = new Point(
                    $this->box->left + ($column + ($row % 2 === 0 ? 0.25 : 0.75)) * $wide, $this->box->top + ($row + 0.5) * $high,
                );
            }
        }

        return $points;
    }

    /** @return list<Point> each anywhere in its cell of a grid */
    private function thrown(): array
    {
        [$wide, $high] = [$this->box->width() / $this->columns, $this->box->height() / $this->rows];
        $points = [];
        for ($index = 0; $index < $this->rows * $this->columns; $index++) {
            $points[] = new Point(
                $this->box->left + ($index % $this->columns + 0.5 + self::THROW * Dice::thrown($this->seed, $index, 'shard x')) * $wide,
                $this->box->top + (intdiv($index, $this->columns) + 0.5 + self::THROW * Dice::thrown($this->seed, $index, 'shard y')) * $high,
            );
        }

        return $points;
    }

    /**
     * What of the whole is nearer to each point than to any other, measured in cells: the Voronoi diagram.
     *
     * @param  list<Point>  $points  in rows and columns, each in its own cell or half a cell beside it
     * @return list<list<Point>>
     */
    private function cells(array $points): array
    {
        [$wide, $high] = [$this->box->width() / $this->columns, $this->box->height() / $this->rows];
        $polygons = [];
        foreach ($points as $index => $own) {
            [$row, $column] = [intdiv($index, $this->columns), $index % $this->columns];
            $polygon = $this->whole->corners();
            for ($y = max(0, $row - self::NEAR); $y <= min($this->rows - 1, $row + self::NEAR); $y++) {
                for ($x = max(0, $column - self::NEAR); $x <= min($this->columns - 1, $column + self::NEAR); $x++) {
                    $way = $points[$y * $this->columns + $x]->minus($own);
                    // From the middle between the two, so that either cuts along the same line.
                    $polygon = self::cut(
                        $polygon, $own->mix($points[$y * $this->columns + $x], 0.5), new Point($way->x / $wide ** 2, $way->y / $high ** 2),
                        $this->gap / 2,
                    );
                }
            }
            $polygons[] = $polygon;
        }

        return $polygons;
    }

    /**
     * Evenly along the path, its left side first, in rows beside it. As far apart as rows of a grid would be from one another
     * over the shorter side of the box.
     *
     * @return list<Point>
     */
    private function beside(): array
    {
        $middle = $this->box->centre()->y;
        $level = [new Knot(new Point($this->box->left, $middle)), new Knot(new Point($this->box->right, $middle))];
        $along = ($this->along ?? new Contour($level, false))->along();
        $apart = min($this->box->width(), $this->box->height()) / $this->rows;
        $points = [];
        for ($piece = 0; $piece < $this->columns; $piece++) {
            [$at, $heading] = $along->placed($along->length * ($piece + 0.5) / $this->columns);
            $left = new Point(sin(deg2rad($heading)), -cos(deg2rad($heading)));
            for ($row = 0; $row < $this->rows; $row++) {
                $points[] = $at->plus($left->times((($this->rows - 1) / 2 - $row) * $apart));
            }
        }

        return $points;
    }

    /**
     * What of the whole is nearer to each point than to any other.
     *
     * @param  list<Point>  $points
     * @return list<list<Point>> nothing for one that lies where another does
     */
    private function nearest(array $points): array
    {
        $polygons = [];
        foreach ($points as $index => $own) {
            $others = array_map(fn (Point $other): float => hypot($other->x - $own->x, $other->y - $own->y), $points);
            unset($others[$index]);
            asort($others);
            $polygon = $this->whole->corners();
            foreach ($others as $other => $far) {
                if ($far < self::SAME && $other < $index) {
                    $polygon = [];
                }
                $reach = max([0.0, ...array_map(fn (Point $corner): float => hypot($corner->x - $own->x, $corner->y - $own->y), $polygon)]);
                if ($far > 2 * $reach + $this->gap) {
                    // All that follow are farther away.
                    break;
                }
                $polygon = $far < self::SAME
                    ? $polygon
                    : self::cut($polygon, $own->mix($points[$other], 0.5), $points[$other]->minus($own), $this->gap / 2);
            }
            $polygons[] = $polygon;
        }

        return $polygons;
    }

    /**
     * @param  list<Point>  $polygon
     * @param  Point  $way  across the line; nothing is cut where that is nought
     * @return list<Point> what of it is on this side of a line through a point, so far from it
     */
    private static function cut(array $polygon, Point $through, Point $way, float $less): array
    {
        $long = hypot($way->x, $way->y);

        return $long < 1e-15 || $polygon === []
            ? $polygon
            : Cut::of($polygon, fn (Point $point): float => $way->dot($through->minus($point)) / $long - $less);
    }

    /** @return list<list<Point>> from the innermost ring outwards, in each clockwise from above */
    private function rings(): array
    {
        $centre = $this->box->centre();
        $far = hypot($this->whole->width(), $this->whole->height());
        $reach = hypot($this->box->width(), $this->box->height()) / 2;
        $polygons = [];
        for ($ring = 0; $ring < $this->rows; $ring++) {
            [$inner, $outer] = [$reach * $ring / $this->rows, $ring === $this->rows - 1 ? $far : $reach * ($ring + 1) / $this->rows];
            for ($sector = 0; $sector < $this->columns; $sector++) {
                $polygons[] = $this->sector($centre, $inner, $outer, $sector);
            }
        }

        return $polygons;
    }

    /** @return list<Point> of a ring from one radius to another; the gap is parallel to its sides */
    private function sector(Point $centre, float $inner, float $outer, int $sector): array
    {
        [$from, $to] = [2 * M_PI * $sector / $this->columns, 2 * M_PI * ($sector + 1) / $this->columns];
        $half = $this->gap / 2;
        [$inner, $outer] = [$inner === 0.0 ? 0.0 : $inner + $half, $outer - $half];
        // Where the gap between sectors is as wide as it is all along, less of an angle is left the nearer the middle is.
        $less = fn (float $radius): float => $this->columns === 1 || $radius <= 0 ? 0.0 : asin(min(1.0, $half / $radius));
        $arc = function (float $radius) use ($centre, $from, $to, $half, $less): array {
            [$begin, $end] = [$from + $less($radius), $to - $less($radius)];
            if ($radius <= 0 || $end <= $begin) {
                // Its point, half a gap from either side.
                $middle = ($from + $to) / 2;
                $radius = $this->columns === 1 ? 0.0 : $half / sin(($to - $from) / 2);

                return [new Point($centre->x + $radius * sin($middle), $centre->y - $radius * cos($middle))];
            }
            $steps = max(1, (int) ceil(($end - $begin) / (2 * acos(1 - min(0.5, self::SAGITTA / $radius)))));

            return array_map(function (int $step) use ($centre, $radius, $begin, $end, $steps): Point {
                $angle = $begin + ($end - $begin) * $step / $steps;

                return new Point($centre->x + $radius * sin($angle), $centre->y - $radius * cos($angle));
            }, range(0, $steps));
        };

        return $outer <= $inner ? [] : self::within([...$arc($outer), ...array_reverse($arc($inner))], $this->whole);
    }

    /**
     * @param  list<Point>  $polygon
     * @return list<Point> what of it lies in a box
     */
    private static function within(array $polygon, Box $box): array
    {
        foreach ([
            fn (Point $point): float => $point->x - $box->left, fn (Point $point): float => $box->right - $point->x,
            fn (Point $point): float => $point->y - $box->top, fn (Point $point): float => $box->bottom - $point->y,
        ] as $inside) {
            $polygon = $polygon === [] ? [] : Cut::of($polygon, $inside);
        }

        return $polygon;
    }

    /** @param  list<Point>  $polygon */
    private static function area(array $polygon): float
    {
        $sum = 0.0;
        foreach ($polygon as $index => $point) {
            $next = $polygon[($index + 1) % count($polygon)];
            $sum += $point->x * $next->y - $next->x * $point->y;
        }

        return $sum / 2;
    }
}
