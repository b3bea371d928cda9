<?php

declare(strict_types=1);

namespace Ricamo\Core\Path\Combine;

use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Path\Segment;

/** Where two runs meet: by halving both where their boxes overlap, and Newton's steps from where they are as good as straight. */
final class Crossings
{
    /** What is nearer than this touches, in pixels. */
    public const TOUCH = 0.005;

    /** How far a curve may be from its chord to be taken as straight for a first guess. */
    private const FLAT = 0.1;

    /** Two curves that cannot be told apart within so many steps are left as they are. */
    private const MOST_STEPS = 4000;

    /** @return list<array{float, float}> where on each; where they run along each other, the ends of that */
    public static function of(Run $one, Run $other): array
    {
        $touching = self::touching($one, $other);
        if (count($touching) > 1 && self::isAlong($one->curve, $other->curve, $touching)) {
            return $touching;
        }
        if ($one->straight && $other->straight) {
            $met = self::straight($one->curve, $other->curve);

            return $met === null || ! self::isOn(...$met) ? $touching : [...$touching, $met];
        }

        return [...$touching, ...self::curved($one->curve, $other->curve)];
    }

    /** @return list<array{float, float}> where an end of the one lies on the other */
    private static function touching(Run $one, Run $other): array
    {
        $found = [];
        foreach ([0.0, 1.0] as $end) {
            $t = self::nearest($other, $one->curve->at($end));
            $found = $t === null ? $found : [...$found, [$end, $t]];
        }
        foreach ([0.0, 1.0] as $end) {
            $t = self::nearest($one, $other->curve->at($end));
            $found = $t === null ? $found : [...$found, [$t, $end]];
        }

        return $found;
    }

    /** Where on a run a point lies, if it touches it. */
    private static function nearest(Run $run, Point $point): ?float
    {
        if (
            $point->x < $run->left - self::TOUCH
            || $point->x > $run->right + self::TOUCH
            || $point->y < $run->top - self::TOUCH
            || $point->y > $run->bottom + self::TOUCH
        ) {
            return null;
        }
        [$low, $high] = [0.0, 1.0];
        $way = new Point($run->curve->x3 - $run->curve->x0, $run->curve->y3 - $run->curve->y0);
        // Along its chord a run only goes forwards.
        for ($step = 0; $step < 50; $step++) {
            $middle = ($low + $high) / 2;
            if ($run->curve->at($middle)->minus($point)->dot($way) < 0) {
                $low = $middle;
            } else {
                $high = $middle;
            }
        }
        // The chord's foot is not the nearest place of a bent one: some steps go to where it is seen at right angles.
        $t = $low;
        for ($step = 0; $step < 8; $step++) {
            $at = $run->curve->at($t);
            $direction = $run->curve->direction($t);
            $speed = $direction->dot($direction);
            $t = $speed < 1e-12 ? $t : max(0.0, min(1.0, $t - $at->minus($point)->dot($direction) / $speed));
        }
        $at = $run->curve->at($t);

        return hypot($at->x - $point->x, $at->y - $point->y) <= self::TOUCH ? $t : null;
    }

    /** @param  list<array{float, float}>  $touching */
    private static function isAlong(Segment $one, Segment $other, array $touching): bool
    {
        usort($touching, fn (array $a, array $b): int => $a[0] <=> $b[0]);
        [$first, $last] = [$touching[0], $touching[count($touching) - 1]];
        [$from, $to] = [$one->at($first[0]), $one->at($last[0])];
        if (hypot($to->x - $from->x, $to->y - $from->y) <= 2 * self::TOUCH) {
            return false;
        }
        foreach ([0.25, 0.5, 0.75] as $part) {
            $point = $one->at($first[0] + $part * ($last[0] - $first[0]));
            // As both may go at another pace there, the nearest of a few places around the like one is what counts.
            $guess = $first[1] + $part * ($last[1] - $first[1]);
            for ($step = 0; $step < 8; $step++) {
                $direction = $other->direction($guess);
                $guess -= $other->at($guess)->minus($point)->dot($direction) / max(1e-12, $direction->dot($direction));
                $guess = max(0.0, min(1.0, $guess));
            }
            $near = $other->at($guess);
            if (hypot($near->x - $point->x, $near->y - $point->y) > 2 * self::TOUCH) {
                return false;
            }
        }

        return true;
    }

    /** @return list<array{float, float}> */
    private static function curved(Segment $one, Segment $other): array
    {
        $found = [];
        $stack = [[$one, 0.0, 1.0, $other, 0.0, 1.0]];
        for ($step = 0; $stack !== [] && $step < self::MOST_STEPS; $step++) {
            [$a, $a0, $a1, $b, $b0, $b1] = array_pop($stack);
            if (! self::overlap($a, $b)) {
                continue;
            }
            [$bentA, $bentB] = [self::bent($a), self::bent($b)];
            if ($bentA < self::FLAT && $bentB < self::FLAT) {
                $met = self::straight($a, $b);
                $met = $met === null ? null : self::refined($one, $other, $a0 + $met[0] * ($a1 - $a0), $b0 + $met[1] * ($b1 - $b0));
                if ($met !== null) {
                    $found[] = $met;
                }
            } elseif ($bentA >= $bentB) {
                [$half, [$first, $second]] = [($a0 + $a1) / 2, $a->split(0.5)];
                array_push($stack, [$first, $a0, $half, $b, $b0, $b1], [$second, $half, $a1, $b, $b0, $b1]);
            } else {
                [$half, [$first, $second]] = [($b0 + $b1) / 2, $b->split(0.5)];
                array_push($stack, [$a, $a0, $a1, $first, $b0, $half], [$a, $a0, $a1, $second, $half, $b1]);
            }
        }

        return $found;
    }

    private static function overlap(Segment $a, Segment $b): bool
    {
        // Parts of runs go one way too, so that their ends are their boxes; a little is added for what is rounded.
        $margin = 1e-6;

        return min($a->x0, $a->x3) <= max($b->x0, $b->x3) + $margin && min($b->x0, $b->x3) <= max($a->x0, $a->x3) + $margin
            && min($a->y0, $a->y3) <= max($b->y0, $b->y3) + $margin && min($b->y0, $b->y3) <= max($a->y0, $a->y3) + $margin;
    }

    /** How far its handles are from its chord. */
    private static function bent(Segment $s): float
    {
        [$x, $y] = [$s->x3 - $s->x0, $s->y3 - $s->y0];
        $length = max(1e-12, hypot($x, $y));

        return max(abs(($s->x1 - $s->x0) * $y - ($s->y1 - $s->y0) * $x), abs(($s->x2 - $s->x0) * $y - ($s->y2 - $s->y0) * $x)) / $length;
    }

    /** @return array{float, float}|null where the lines through their ends cross, in parts of each */
    private static function straight(Segment $a, Segment $b): ?array
    {
        [$ax, $ay, $bx, $by] = [$a->x3 - $a->x0, $a->y3 - $a->y0, $b->x3 - $b->x0, $b->y3 - $b->y0];
        $cross = $ax * $by - $ay * $bx;
        if (abs($cross) < 1e-9 * (hypot($ax, $ay) * hypot($bx, $by) + 1e-12)) {
            return null;
        }
        [$x, $y] = [$b->x0 - $a->x0, $b->y0 - $a->y0];

        return [($x * $by - $y * $bx) / $cross, ($x * $ay - $y * $ax) / $cross];
    }

    /** @return array{float, float}|null the place that Newton's method comes to, if both are the same there */
    private static function refined(Segment $one, Segment $other, float $t, float $u): ?array
    {
        for ($step = 0; $step < 8; $step++) {
            $off = $other->at($u)->minus($one->at($t));
            [$v, $w] = [$one->direction($t), $other->direction($u)];
            $cross = $v->x * $w->y - $v->y * $w->x;
            if (abs($cross) < 1e-12) {
                break;
            }
            $t += ($off->x * $w->y - $off->y * $w->x) / $cross;
            $u += ($off->x * $v->y - $off->y * $v->x) / $cross;
            if (! self::isOn($t, $u, 0.2)) {
                return null;
            }
        }
        [$t, $u] = [max(0.0, min(1.0, $t)), max(0.0, min(1.0, $u))];
        $off = $other->at($u)->minus($one->at($t));

        return hypot($off->x, $off->y) <= self::TOUCH ? [$t, $u] : null;
    }

    private static function isOn(float $t, float $u, float $beyond = 1e-9): bool
    {
        return $t >= -$beyond && $t <= 1 + $beyond && $u >= -$beyond && $u <= 1 + $beyond;
    }
}
