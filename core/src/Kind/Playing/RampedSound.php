<?php

declare(strict_types=1);

namespace Ricamo\Core\Kind\Playing;

use Ricamo\Core\Animation\Polyline;
use Ricamo\Core\Document\MediaFacts;
use Ricamo\Core\Time\FrameRate;

/**
 * What is heard along a ramp: the sound goes along with the picture, its pitch with it, while its speed is within LEAST and MOST
 * of its own, either way; beyond that it is silent.
 */
final readonly class RampedSound
{
    public const LEAST = 0.5;

    public const MOST = 2.0;

    /** How many times a frame its speed is looked at. */
    private const A_FRAME = 4;

    /** By how much a speed may differ from a straight line that stands for it. */
    private const EVEN = 2e-5;

    /** Frames: so close to where something changes, it has or has not. */
    private const CLOSE = 1e-6;

    private float $round;

    private float $perFrame;

    public function __construct(
        private string $source,
        private RampedPace $pace,
        private Ramp $ramp,
        private Beyond $beyond,
        private MediaFacts $facts,
        private FrameRate $rate,
    ) {
        $this->round = $facts->rate->seconds($facts->frames);
        $this->perFrame = $facts->rate->seconds(1) * $rate->perSecond();
    }

    /**
     * @param  int  $after  frames after the in point
     * @param  int  $length  frames
     * @return list<Passage> with their times counted from there
     */
    public function passages(int $after, int $length): array
    {
        $passages = [];
        $begun = (float) $after;
        $heard = $this->heard($begun + self::CLOSE);
        $end = function (float $at) use (&$passages, &$begun, &$heard, $after): void {
            $passages[] = $heard === null ? null : $this->passage($begun, $at, $after);
            $begun = $at;
            $heard = $this->heard($at + self::CLOSE);
        };
        for ($index = 1; $index <= $length * self::A_FRAME; $index++) {
            $at = $after + $index / self::A_FRAME;
            while ($at - $begun > 3 * self::CLOSE && $this->heard($at - self::CLOSE) !== $heard) {
                $end($this->change(max($begun, $at - 1 / self::A_FRAME) + self::CLOSE, $at - self::CLOSE, $heard));
            }
            if ($index === $length * self::A_FRAME || $this->heard($at + self::CLOSE) !== $heard) {
                $end($at);
            }
        }

        return array_values(array_filter($passages));
    }

    /** What stays the same as long as one passage goes on: its way, its round, the step it is on; null where nothing is heard. */
    private function heard(float $after): ?string
    {
        $speed = $this->pace->speedAt($after) * $this->perFrame;
        [$round, $moment] = $this->place($after);
        $isHeard = abs($speed) >= self::LEAST - 1e-9 && abs($speed) <= self::MOST + 1e-9
            && $moment >= 0 && $moment < min($this->round, $this->facts->soundSeconds());

        return $isHeard ? ($speed > 0 ? 'on' : 'back')." $round {$this->ramp->stepsUntil($after)}" : null;
    }

    /** @return array{int, float} how many times it went round, and the moment of the file, in seconds */
    private function place(float $after): array
    {
        $moment = $this->facts->rate->seconds($this->pace->at($after));
        $round = $this->beyond->goesOn() ? (int) floor($moment / $this->round) : 0;
        $within = $moment - $round * $this->round;

        return [$round, $this->turns($round) ? $this->round - $within : $within];
    }

    private function turns(int $round): bool
    {
        return $this->beyond === Beyond::Turn && $round % 2 !== 0;
    }

    /** Where it changes between two moments, of which the first is as $as says, in frames. */
    private function change(float $from, float $to, ?string $as): float
    {
        while ($to - $from > self::CLOSE) {
            $middle = ($from + $to) / 2;
            if ($this->heard($middle) === $as) {
                $from = $middle;
            } else {
                $to = $middle;
            }
        }

        return $to;
    }

    private function passage(float $from, float $to, int $after): ?Passage
    {
        $length = $this->rate->seconds($to - $from);
        if ($length < 1e-4) {
            return null;
        }
        [$first, $last] = [$from + self::CLOSE, $to - self::CLOSE];
        [$round, $moment] = $this->place($first);
        $turn = $this->turns($round) ? -1 : 1;
        $times = [$from];
        for ($at = floor($from * self::A_FRAME + 1) / self::A_FRAME; $at < $to - self::CLOSE; $at += 1 / self::A_FRAME) {
            $times[] = $at;
        }
        $speeds = (new Polyline(array_map(fn (float $at): array => [
            $this->rate->seconds($at - $from), $turn * $this->perFrame * $this->pace->speedAt(max($first, min($last, $at))),
        ], [...$times, $to])))->simplified(self::EVEN);
        $way = $this->facts->rate->seconds($this->pace->at($last) - $this->pace->at($first));
        $isEven = max(array_column($speeds->points, 1)) - min(array_column($speeds->points, 1)) < self::EVEN;

        return new Passage(
            $this->source, $moment, $this->rate->seconds($from - $after), $length, $turn * $way / $this->rate->seconds($last - $first),
            $isEven ? [] : $speeds->points,
        );
    }
}
