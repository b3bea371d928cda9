<?php

declare(strict_types=1);

namespace Ricamo\Core\Path;

use Ricamo\Core\Geometry\Point;

/**
 * Fits cubic curves to points that were drawn by hand, after Philip J. Schneider, “An Algorithm for Automatically Fitting Digitized
 * Curves”, Graphics Gems (1990): chord-length parameters, least squares for the handles, Newton and Raphson's steps, and a cut
 * where the curve is farthest off.
 */
final class CurveFit
{
    /** So often the parameters are bettered before the points are parted. */
    private const STEPS = 6;

    /** How deep they are parted. */
    private const DEEPEST = 40;

    /**
     * An open line that is nowhere farther from the points than a tolerance.
     *
     * @param  list<Point>  $points  in order
     */
    public static function through(array $points, float $tolerance): ?Contour
    {
        $points = self::apart($points);
        if (count($points) < 2) {
            return null;
        }
        $last = count($points) - 1;
        $curves = self::fit(
            $points,
            0,
            $last,
            self::unit($points[1]->minus($points[0])),
            self::unit($points[$last - 1]->minus($points[$last])),
            max(0.01, $tolerance) ** 2,
            0,
        );
        $knots = [new Knot($curves[0][0], out: $curves[0][1]->minus($curves[0][0]))];
        foreach ($curves as $index => $curve) {
            $next = $curves[$index + 1] ?? null;
            $knots[] = new Knot($curve[3], $curve[2]->minus($curve[3]), $next === null ? new Point(0, 0) : $next[1]->minus($curve[3]));
        }

        return new Contour($knots, false);
    }

    /**
     * Those that are not on the one before.
     *
     * @param  list<Point>  $points
     * @return list<Point>
     */
    private static function apart(array $points): array
    {
        $apart = [];
        foreach ($points as $point) {
            $last = $apart[count($apart) - 1] ?? null;
            if ($last === null || hypot($point->x - $last->x, $point->y - $last->y) > 1e-6) {
                $apart[] = $point;
            }
        }

        return $apart;
    }

    /**
     * @param  list<Point>  $points
     * @return non-empty-list<array{Point, Point, Point, Point}>
     */
    private static function fit(array $points, int $first, int $last, Point $from, Point $to, float $error, int $depth): array
    {
        $distance = hypot($points[$last]->x - $points[$first]->x, $points[$last]->y - $points[$first]->y);
        if ($last - $first === 1) {
            return [self::curve($points[$first], $points[$last], $from, $to, $distance / 3, $distance / 3)];
        }
        $at = self::chords($points, $first, $last);
        $curve = self::leastSquares($points, $first, $last, $at, $from, $to);
        [$worst, $split] = self::farthest($points, $first, $last, $curve, $at);
        for ($step = 0; $worst >= $error && $worst < 16 * $error && $step < self::STEPS; $step++) {
            $at = self::bettered($points, $first, $curve, $at);
            $curve = self::leastSquares($points, $first, $last, $at, $from, $to);
            [$worst, $split] = self::farthest($points, $first, $last, $curve, $at);
        }
        if ($worst < $error || $depth >= self::DEEPEST) {
            return [$curve];
        }
        $through = self::unit($points[$split - 1]->minus($points[$split + 1]));

        return [
            ...self::fit($points, $first, $split, $from, $through, $error, $depth + 1),
            ...self::fit($points, $split, $last, new Point(-$through->x, -$through->y), $to, $error, $depth + 1),
        ];
    }

    /**
     * @param  list<Point>  $points
     * @return list<float> for each point how far along it is, 0 to 1
     */
    private static function chords(array $points, int $first, int $last): array
    {
        $at = [0.0];
        for ($index = $first + 1; $index <= $last; $index++) {
            $at[] = $at[count($at) - 1] + hypot($points[$index]->x - $points[$index - 1]->x, $points[$index]->y - $points[$index - 1]->y);
        }
        $whole = $at[count($at) - 1];

        return array_map(fn (float $one): float => $one / $whole, $at);
    }

    /**
     * @param  list<Point>  $points
     * @param  list<float>  $at
     * @return array{Point, Point, Point, Point}
     */
    private static function leastSquares(array $points, int $first, int $last, array $at, Point $from, Point $to): array
    {
        [$start, $end] = [$points[$first], $points[$last]];
        [$c00, $c01, $c11, $x0, $x1] = [0.0, 0.0, 0.0, 0.0, 0.0];
        foreach ($at as $index => $t) {
            $u = 1 - $t;
            [$b0, $b1, $b2, $b3] = [$u ** 3, 3 * $t * $u ** 2, 3 * $t ** 2 * $u, $t ** 3];
            [$ax, $ay, $bx, $by] = [$from->x * $b1, $from->y * $b1, $to->x * $b2, $to->y * $b2];
            $c00 += $ax * $ax + $ay * $ay;
            $c01 += $ax * $bx + $ay * $by;
            $c11 += $bx * $bx + $by * $by;
            $point = $points[$first + $index];
            $dx = $point->x - ($start->x * ($b0 + $b1) + $end->x * ($b2 + $b3));
            $dy = $point->y - ($start->y * ($b0 + $b1) + $end->y * ($b2 + $b3));
            $x0 += $ax * $dx + $ay * $dy;
            $x1 += $bx * $dx + $by * $dy;
        }
        $determinant = $c00 * $c11 - $c01 * $c01;
        $distance = hypot($end->x - $start->x, $end->y - $start->y);
        [$one, $two] = abs($determinant) < 1e-12 ? [0.0, 0.0] : [
            ($x0 * $c11 - $x1 * $c01) / $determinant, ($c00 * $x1 - $c01 * $x0) / $determinant,
        ];

        // Handles that would point backwards are those of Wu and Barsky's heuristic instead.
        return $one < 1e-6 * $distance || $two < 1e-6 * $distance
            ? self::curve($start, $end, $from, $to, $distance / 3, $distance / 3)
            : self::curve($start, $end, $from, $to, $one, $two);
    }

    /** @return array{Point, Point, Point, Point} */
    private static function curve(Point $start, Point $end, Point $from, Point $to, float $one, float $two): array
    {
        return [
            $start,
            new Point($start->x + $from->x * $one, $start->y + $from->y * $one),
            new Point($end->x + $to->x * $two, $end->y + $to->y * $two),
            $end,
        ];
    }

    /**
     * @param  list<Point>  $points
     * @param  array{Point, Point, Point, Point}  $curve
     * @param  list<float>  $at
     * @return array{float, int} the square of how far off it is at most, and at which point
     */
    private static function farthest(array $points, int $first, int $last, array $curve, array $at): array
    {
        [$worst, $split] = [0.0, ($first + $last) >> 1];
        for ($index = $first + 1; $index < $last; $index++) {
            $on = self::on($curve, $at[$index - $first]);
            $off = ($on->x - $points[$index]->x) ** 2 + ($on->y - $points[$index]->y) ** 2;
            [$worst, $split] = $off > $worst ? [$off, $index] : [$worst, $split];
        }

        return [$worst, $split];
    }

    /**
     * @param  list<Point>  $points
     * @param  array{Point, Point, Point, Point}  $curve
     * @param  list<float>  $at
     * @return list<float>
     */
    private static function bettered(array $points, int $first, array $curve, array $at): array
    {
        return array_map(function (int $index, float $t) use ($points, $first, $curve): float {
            $off = self::on($curve, $t)->minus($points[$first + $index]);
            $u = 1 - $t;
            [$ax, $ay] = [$curve[1]->x - $curve[0]->x, $curve[1]->y - $curve[0]->y];
            [$bx, $by] = [$curve[2]->x - $curve[1]->x, $curve[2]->y - $curve[1]->y];
            [$cx, $cy] = [$curve[3]->x - $curve[2]->x, $curve[3]->y - $curve[2]->y];
            // The curve's first and second derivatives.
            [$wx, $wy] = [3 * ($u ** 2 * $ax + 2 * $u * $t * $bx + $t ** 2 * $cx), 3 * ($u ** 2 * $ay + 2 * $u * $t * $by + $t ** 2 * $cy)];
            [$tx, $ty] = [6 * ($u * ($bx - $ax) + $t * ($cx - $bx)), 6 * ($u * ($by - $ay) + $t * ($cy - $by))];
            $down = $wx * $wx + $wy * $wy + $off->x * $tx + $off->y * $ty;

            return abs($down) < 1e-12 ? $t : max(0.0, min(1.0, $t - ($off->x * $wx + $off->y * $wy) / $down));
        }, array_keys($at), $at);
    }

    /** @param  array{Point, Point, Point, Point}  $curve */
    private static function on(array $curve, float $t): Point
    {
        [$a, $b, $c] = [$curve[0]->mix($curve[1], $t), $curve[1]->mix($curve[2], $t), $curve[2]->mix($curve[3], $t)];

        return $a->mix($b, $t)->mix($b->mix($c, $t), $t);
    }

    private static function unit(Point $way): Point
    {
        $length = hypot($way->x, $way->y);

        return $length < 1e-12 ? new Point(1, 0) : new Point($way->x / $length, $way->y / $length);
    }
}
