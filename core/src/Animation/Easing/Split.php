<?php

declare(strict_types=1);

namespace Ricamo\Core\Animation\Easing;

use Ricamo\Core\Refusal;

/**
 * An easing cut in two at a moment, so that a keyframe can be put into a segment without changing its motion. A cubic
 * Bézier splits exactly; a part of another curve becomes the cubic Bézier that follows it, or where none does, straight
 * pieces.
 */
final readonly class Split
{
    /** How far a part may be from its curve, in shares of the whole segment's change. */
    private const TOLERANCE = 0.0007;

    /** A part that ends where it began cannot be scaled from 0 to 1: it ends this far beside it. */
    private const LEAST_PROGRESS = 0.0005;

    /** Where the parts are compared. */
    private const SAMPLES = 60;

    private const DEEPEST = 12;

    /** @param  float  $progress  what is reached at the cut */
    private function __construct(public Easing $before, public Easing $after, public float $progress)
    {
    }

    /** @param  float  $t  time, between 0 and 1 */
    public static function of(Easing $easing, float $t): self
    {
        if ($easing instanceof Hold || $easing instanceof Jump) {
            return new self($easing, $easing instanceof Hold ? $easing : new Hold, $easing->at($t));
        }
        $easing = $easing instanceof Eased ? $easing->curve : $easing;
        if ($easing instanceof Linear || $easing instanceof Glide) {
            return new self($easing, $easing, $t);
        }
        $progress = self::awayFromEnds($easing->at($t));
        if ($easing instanceof CubicBezier) {
            try {
                return new self(...[...$easing->split($t, $progress), $progress]);
            } catch (Refusal) {
                // Its handles cross so far that a part of it is no cubic-bezier by itself.
            }
        }

        return new self(self::part($easing, 0, $t, 0, $progress), self::part($easing, $t, 1, $progress, 1), $progress);
    }

    private static function awayFromEnds(float $progress): float
    {
        foreach ([0.0, 1.0] as $end) {
            if (abs($progress - $end) < self::LEAST_PROGRESS) {
                return $end + ($progress < $end ? -self::LEAST_PROGRESS : self::LEAST_PROGRESS);
            }
        }

        return $progress;
    }

    private static function part(Easing $easing, float $from, float $to, float $begin, float $end): Easing
    {
        $change = $end - $begin;
        $part = fn (float $t): float => match (true) {
            $t <= 0 => 0.0,
            $t >= 1 => 1.0,
            default => ($easing->at($from + ($to - $from) * $t) - $begin) / $change,
        };
        $tolerance = self::TOLERANCE / abs($change);

        return self::curve($part, $tolerance) ?? self::pieces($part, $tolerance);
    }

    /**
     * The cubic Bézier with the part's own slopes at its ends, whose two handles are as long as fits best.
     *
     * @param  callable(float): float  $part
     */
    private static function curve(callable $part, float $tolerance): ?CubicBezier
    {
        $near = 1e-4;
        [$leaving, $arriving] = [$part($near) / $near, (1 - $part(1 - $near)) / $near];
        $candidate = fn (float $first, float $second): CubicBezier => new CubicBezier(
            $first, $leaving * $first, 1 - $second, 1 - $arriving * $second,
        );
        // A third each is exact for polynomials up to the third degree.
        [$first, $second, $step] = [1 / 3, 1 / 3, 0.2];
        try {
            $least = self::distance($candidate($first, $second), $part);
            while ($step > 0.002 && $least > $tolerance / 4) {
                $better = null;
                foreach ([
                    [$step, 0], [-$step, 0], [0, $step], [0, -$step], [$step, $step], [-$step, -$step], [$step, -$step],
                    [-$step, $step],
                ] as [$a, $b]) {
                    [$tryFirst, $trySecond] = [min(1, max(0.01, $first + $a)), min(1, max(0.01, $second + $b))];
                    $distance = self::distance($candidate($tryFirst, $trySecond), $part);
                    if ($distance < $least) {
                        [$least, $better] = [$distance, [$tryFirst, $trySecond]];
                    }
                }
                [$first, $second] = $better ?? [$first, $second];
                $step = $better === null ? $step / 2 : $step;
            }
        } catch (Refusal) {
            return null;
        }

        return $least <= $tolerance ? $candidate($first, $second) : null;
    }

    /** @param  callable(float): float  $part */
    private static function distance(Easing $curve, callable $part): float
    {
        $most = 0.0;
        for ($i = 1; $i < self::SAMPLES; $i++) {
            $most = max($most, abs($curve->at($i / self::SAMPLES) - $part($i / self::SAMPLES)));
        }

        return $most;
    }

    /** @param  callable(float): float  $part */
    private static function pieces(callable $part, float $tolerance): Piecewise
    {
        $points = [[0.0, 0.0]];
        $coarse = 16;
        for ($i = 0; $i < $coarse; $i++) {
            array_push($points, ...self::straightened($part, $i / $coarse, ($i + 1) / $coarse, $tolerance, self::DEEPEST));
        }
        $points[count($points) - 1] = [1.0, 1.0];

        return new Piecewise($points);
    }

    /**
     * @param  callable(float): float  $part
     * @return list<array{float, float}> the points after $from up to $to, between which straight lines are near enough
     */
    private static function straightened(callable $part, float $from, float $to, float $tolerance, int $depth): array
    {
        [$begin, $end] = [$part($from), $part($to)];
        $off = 0.0;
        foreach ([0.25, 0.5, 0.75] as $t) {
            $off = max($off, abs($part($from + ($to - $from) * $t) - ($begin + ($end - $begin) * $t)));
        }
        if ($off <= $tolerance || $depth === 0) {
            return [[round($to, 6), round($end, 6)]];
        }
        $middle = ($from + $to) / 2;

        return [
            ...self::straightened($part, $from, $middle, $tolerance, $depth - 1),
            ...self::straightened($part, $middle, $to, $tolerance, $depth - 1),
        ];
    }
}
