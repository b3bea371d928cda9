<?php

declare(strict_types=1);

namespace Ricamo\Core\Animation;

/** A number that goes in straight lines over time, and is as at its ends beyond them. */
final readonly class Polyline
{
    /** @param  non-empty-list<array{float, float}>  $points  time and value, in the order of time */
    public function __construct(public array $points)
    {
    }

    public function at(float $time): float
    {
        $before = $this->points[0];
        foreach ($this->points as $point) {
            if ($point[0] > $time) {
                return $before[0] >= $point[0] || $time <= $before[0]
                    ? $before[1]
                    : $before[1] + ($point[1] - $before[1]) * ($time - $before[0]) / ($point[0] - $before[0]);
            }
            $before = $point;
        }

        return $before[1];
    }

    /** The area under it from its beginning on; below nought before that. */
    public function area(float $to): float
    {
        $area = 0.0;
        $before = [min(0.0, $to), $this->points[0][1]];
        foreach ([...$this->points, [INF, $this->points[count($this->points) - 1][1]]] as $point) {
            $until = min($to, $point[0]);
            if ($until > $before[0]) {
                $area += ($until - $before[0]) * ($this->at($before[0]) + $this->at($until)) / 2;
                $before = [$until, $point[1]];
            }
        }

        return $area;
    }

    /** With its times counted from another moment, at another pace; turned round where that is below nought. */
    public function moved(float $from, float $speed): self
    {
        $moved = array_map(fn (array $point): array => [($point[0] - $from) / $speed, $point[1]], $this->points);

        return new self($speed < 0 ? array_reverse($moved) : $moved);
    }

    /** What of it lies between two moments, with a point at either. */
    public function within(float $from, float $to): self
    {
        $inside = array_filter($this->points, fn (array $point): bool => $point[0] > $from && $point[0] < $to);

        return new self([[$from, $this->at($from)], ...array_values($inside), [$to, $this->at($to)]]);
    }

    public function scaled(float $by): self
    {
        return new self(array_map(fn (array $point): array => [$point[0], $point[1] * $by], $this->points));
    }

    /**
     * Without what lies on straight lines, as far as each point allows: of every line that begins at the point kept last, it
     * passes those that are left out within the tolerance.
     */
    public function simplified(float $tolerance): self
    {
        $points = $this->points;
        $kept = [$points[0]];
        [$least, $most] = [-INF, INF];
        for ($index = 1; $index < count($points); $index++) {
            [$from, [$time, $value]] = [$kept[count($kept) - 1], $points[$index]];
            $slope = ($value - $from[1]) / ($time - $from[0]);
            if ($slope < $least || $slope > $most) {
                $kept[] = $from = $points[$index - 1];
                [$least, $most] = [-INF, INF];
            }
            $least = max($least, ($value - $tolerance - $from[1]) / ($time - $from[0]));
            $most = min($most, ($value + $tolerance - $from[1]) / ($time - $from[0]));
        }
        $kept[] = $points[count($points) - 1];

        return new self($kept);
    }
}
