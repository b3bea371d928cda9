<?php

declare(strict_types=1);

namespace Ricamo\Core\Guide;

use Ricamo\Core\Geometry\Axis;
use Ricamo\Core\Geometry\Box;

/**
 * Equal gaps: a box that stands as far from one neighbour as from the other, or goes on with the distance that two of them
 * have. Neighbours are those that it would meet if it went along the axis.
 */
final readonly class Gaps
{
    private const SAME = 0.01;

    /** @param  list<Box>  $boxes  of layers that are seen, upright, in composition pixels */
    public function __construct(private array $boxes)
    {
    }

    /** How far a box has to go along an axis so that gaps are equal; null where none is as near as $within pixels. */
    public function nearest(Axis $axis, Box $box, float $within): ?float
    {
        $best = null;
        foreach ($this->rhythms($axis, $box) as [$target]) {
            $distance = $target - $axis->lines($box)[0];
            if (abs($distance) <= $within && ($best === null || abs($distance) < abs($best))) {
                $best = $distance;
            }
        }

        return $best;
    }

    /**
     * The gaps that are equal as a box stands, each as a line along it.
     *
     * @return list<Guide>
     */
    public function touching(Axis $axis, Box $box): array
    {
        foreach ($this->rhythms($axis, $box) as [$target, $gaps]) {
            if (abs($target - $axis->lines($box)[0]) < self::SAME) {
                $across = $axis === Axis::X ? Axis::Y : Axis::X;

                return array_map(fn (array $gap): Guide => new Guide($across, $across->lines($box)[1], ...$gap), $gaps);
            }
        }

        return [];
    }

    /**
     * Where the box may begin, and the gaps that are equal then.
     *
     * @return list<array{float, list<array{float, float}>}>
     */
    private function rhythms(Axis $axis, Box $box): array
    {
        [$begin, , $end] = $axis->lines($box);
        $length = $end - $begin;
        $row = $this->row($axis, $box);
        $rhythms = [];
        foreach ($row as $index => [$from, $to]) {
            $next = $row[$index + 1] ?? null;
            if ($next === null || $next[0] <= $to) {
                continue;
            }
            $gap = $next[0] - $to;
            if ($gap > $length) {
                $half = ($gap - $length) / 2;
                $rhythms[] = [$to + $half, [[$to, $to + $half], [$next[0] - $half, $next[0]]]];
            }
            $rhythms[] = [$next[1] + $gap, [[$to, $next[0]], [$next[1], $next[1] + $gap]]];
            $rhythms[] = [$from - $gap - $length, [[$from - $gap, $from], [$to, $next[0]]]];
        }

        return $rhythms;
    }

    /** @return list<array{float, float}> where those begin and end along the axis that it would meet, in their order */
    private function row(Axis $axis, Box $box): array
    {
        $across = $axis === Axis::X ? Axis::Y : Axis::X;
        [$top, , $bottom] = $across->lines($box);
        $row = [];
        foreach ($this->boxes as $other) {
            [$otherTop, , $otherBottom] = $across->lines($other);
            if ($otherTop < $bottom && $otherBottom > $top) {
                [$from, , $to] = $axis->lines($other);
                $row[] = [$from, $to];
            }
        }
        sort($row);

        return $row;
    }
}
