<?php

declare(strict_types=1);

namespace Ricamo\Core\Evaluate;

use Ricamo\Core\Animation\Polyline;
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
            $turn = $isBack ? -$speed : $speed;
            $own = (new Polyline($cue->level))->moved($start - $cue->at, $turn);
            $loud = self::product($own, (new Polyline($level))->moved($begins, 1.0), $length);
            if ($cue->speeds === []) {
                $placed[] = new SoundCue(
                    $layer, $cue->media, $cue->from + ($start - $cue->at) * $cue->speed, $at + $begins, $length, $cue->speed * $turn, $loud,
                );

                continue;
            }
            $speeds = new Polyline($cue->speeds);
            [$reached, $left] = [$speeds->area($start - $cue->at), $speeds->area(($isBack ? $from : $to) - $cue->at)];
            $placed[] = new SoundCue(
                $layer, $cue->media, $cue->from + $reached, $at + $begins, $length, ($left - $reached) / $length, $loud,
                $speeds->moved($start - $cue->at, $turn)->scaled($turn)->within(0.0, $length)->points,
            );
        }

        return $placed;
    }

    /** @return non-empty-list<array{float, float}> from 0 to $length */
    private static function product(Polyline $a, Polyline $b, float $length): array
    {
        if (count($a->points) === 1 && count($b->points) === 1) {
            return [[0.0, $a->points[0][1] * $b->points[0][1]]];
        }
        $times = [$length];
        foreach ([...$a->points, ...$b->points] as [$time]) {
            $times[] = $time;
        }
        // The product of two straight lines is none.
        for ($time = self::STEP; count($a->points) > 1 && count($b->points) > 1 && $time < $length; $time += self::STEP) {
            $times[] = $time;
        }
        $times = array_unique(array_filter($times, fn (float $time): bool => $time > 0 && $time <= $length));
        sort($times);

        return array_map(fn (float $time): array => [$time, $a->at($time) * $b->at($time)], [0.0, ...$times]);
    }
}
