<?php

declare(strict_types=1);

namespace Ricamo\Core\Effect\Colour;

/**
 * A cubic curve over 0 to 1 through points that are evenly spaced. Its slopes are harmonic means of those on either side, and
 * 0 where these differ in sign, so that it never leaves the range between two points: F. N. Fritsch, R. E. Carlson, Monotone
 * Piecewise Cubic Interpolation (1980), with the means of F. N. Fritsch, J. Butland (1984).
 */
final readonly class MonotoneCurve
{
    /** @param  array<int, float>  $points  a list of two at least */
    public function __construct(private array $points)
    {
    }

    public function at(float $x): float
    {
        $last = count($this->points) - 1;
        $index = max(0, min($last - 1, (int) floor($x * $last)));
        $t = $x * $last - $index;
        [$from, $to] = [$this->points[$index], $this->points[$index + 1]];
        [$a, $b] = [$this->slope($index), $this->slope($index + 1)];

        // Hermite's cubic.
        return (2 * $t ** 3 - 3 * $t ** 2 + 1) * $from
            + ($t ** 3 - 2 * $t ** 2 + $t) * $a
            + (3 * $t ** 2 - 2 * $t ** 3) * $to
            + ($t ** 3 - $t ** 2) * $b;
    }

    /** At a point, from one to the next. */
    private function slope(int $index): float
    {
        $here = $this->points[$index];
        $before = isset($this->points[$index - 1]) ? $here - $this->points[$index - 1] : null;
        $after = isset($this->points[$index + 1]) ? $this->points[$index + 1] - $here : null;

        return match (true) {
            $before === null => $after ?? 0.0,
            $after === null => $before,
            $before * $after <= 0 => 0.0,
            default => 2 * $before * $after / ($before + $after),
        };
    }
}
