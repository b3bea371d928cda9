<?php

declare(strict_types=1);

namespace Ricamo\Core\Evaluate;

use Ricamo\Core\Kind\Playing\Passage;

/** The sounds of a composition as they are heard where it is placed: some of their time, at another pace, louder or quieter. */
final class PlacedSound
{
    private const SHORTEST = 1e-9;

    /** How finely, in seconds, two levels that both change are multiplied. */
    private const STEP = 0.02;

    /**
     * @param  list<SoundCue>  $cues  of the composition, timed from its beginning
     * @param  string  $layer  the id of the one that places it
     * @param  Passage  $passage  of the composition, as of a sound
     * @param  float  $at  seconds at which the passage begins
     * @param  non-empty-list<array{float, float}>  $level  of the layer, from there on
     * @return list<SoundCue>
     */
    public static function in(array $cues, string $layer, Passage $passage, float $at, array $level): array
    {
        $placed = [];
        $speed = abs($passage->speed);
        $stretch = $passage->length * $speed;
        $isBack = $passage->speed < 0;
        $first = $isBack ? $passage->from - $stretch : $passage->from;
        foreach ($cues as $cue) {
            $from = max($first, $cue->at);
            $to = min($first + $stretch, $cue->at + $cue->length);
            if ($to - $from < self::SHORTEST) {
                continue;
            }
            // What is heard last is heard first where it is turned round.
            $start = $isBack ? $to : $from;
            $begins = ($isBack ? $first + $stretch - $to : $from - $first) / $speed;
            $length = ($to - $from) / $speed;
            $own = self::moved($cue->level, $start - $cue->at, $isBack ? -$speed : $speed);
            $placed[] = new SoundCue(
                $layer, $cue->media, $cue->from + ($start - $cue->at) * $cue->speed, $at + $begins, $length,
                $cue->speed * ($isBack ? -$speed : $speed), self::product($own, self::moved($level, $begins, 1.0), $length),
            );
        }

        return $placed;
    }

    /**
     * A level with its times counted from another moment, at another pace.
     *
     * @param  non-empty-list<array{float, float}>  $level
     * @return non-empty-list<array{float, float}> in order
     */
    private static function moved(array $level, float $from, float $speed): array
    {
        $moved = array_map(fn (array $point): array => [($point[0] - $from) / $speed, $point[1]], $level);

        return $speed < 0 ? array_reverse($moved) : $moved;
    }

    /**
     * @param  non-empty-list<array{float, float}>  $a
     * @param  non-empty-list<array{float, float}>  $b
     * @return non-empty-list<array{float, float}> from 0 to $length
     */
    private static function product(array $a, array $b, float $length): array
    {
        if (count($a) === 1 && count($b) === 1) {
            return [[0.0, $a[0][1] * $b[0][1]]];
        }
        $times = [$length];
        foreach ([...$a, ...$b] as [$time]) {
            $times[] = $time;
        }
        // The product of two straight lines is none.
        for ($time = self::STEP; count($a) > 1 && count($b) > 1 && $time < $length; $time += self::STEP) {
            $times[] = $time;
        }
        $times = array_unique(array_filter($times, fn (float $time): bool => $time > 0 && $time <= $length));
        sort($times);

        return array_map(fn (float $time): array => [$time, self::at($a, $time) * self::at($b, $time)], [0.0, ...$times]);
    }

    /** @param  non-empty-list<array{float, float}>  $level */
    private static function at(array $level, float $time): float
    {
        $before = $level[0];
        foreach ($level as $point) {
            if ($point[0] > $time) {
                return $before[0] >= $point[0] || $time <= $before[0]
                    ? $before[1]
                    : $before[1] + ($point[1] - $before[1]) * ($time - $before[0]) / ($point[0] - $before[0]);
            }
            $before = $point;
        }

        return $before[1];
    }
}
