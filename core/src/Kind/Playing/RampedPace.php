<?php

declare(strict_types=1);

namespace Ricamo\Core\Kind\Playing;

use Ricamo\Core\Time\Fraction;
use Ricamo\Core\Time\FrameRange;
use Ricamo\Core\Time\FrameRate;

/**
 * How a clip goes on along a ramp: after k frames of the composition, frame ⌊from + step · s⌋ of it is asked for, where s is the
 * area under the ramp up to there. What `Pace` knows exactly is known to a hundred-thousandth of a frame here.
 */
final readonly class RampedPace
{
    /** So close below a whole frame, that frame is meant. */
    private const CLOSE = 1e-5;

    /** Parts of a frame that a beginning is rounded to. */
    private const FINEST = 1_000_000;

    /** In how many steps, at the most, a stretch is gone through to find where the clip runs out. */
    private const STEPS = 2048;

    private float $from;

    private float $step;

    /** @param  int  $frames  how many the clip has */
    public function __construct(private Pace $pace, private Ramp $ramp, private int $frames, FrameRate $clip, FrameRate $composition)
    {
        $this->from = $pace->from->toFloat();
        $this->step = $pace->step($clip, $composition)->toFloat();
    }

    /** The place in the clip, in its frames, $after frames of the composition after the in point. */
    public function at(float $after): float
    {
        // Within what is a frame's number on every machine.
        return max(-1e12, min(1e12, $this->from + $this->step * $this->ramp->between(0, $after)));
    }

    /** How many frames of the clip go by in one of the composition, at a moment. */
    public function speedAt(float $after): float
    {
        return $this->step * $this->ramp->at($after);
    }

    public function asked(int $after): int
    {
        return (int) floor($this->at($after) + self::CLOSE);
    }

    /** For an in point that is so much later, so that each frame shows what it did; the ramp has to be moved along with it. */
    public function later(int $frames): Pace
    {
        $from = max(-Pace::FARTHEST, min(Pace::FARTHEST, $this->at($frames)));

        return $this->pace->with(from: new Fraction((int) round($from * self::FINEST), self::FINEST));
    }

    /** For the stretch from its end to its beginning, along the ramp turned round. */
    public function reversed(int $length): Pace
    {
        return $this->later($length - 1)->with(speed: $this->pace->speed->negative());
    }

    /** @return ?Fraction the speed at which it comes to an end of the clip in so many frames; null where it never does, or too fast */
    public function filling(int $length): ?Fraction
    {
        $way = $this->at($length) - $this->from;
        $left = $way > 0 ? $this->frames - $this->from : -($this->from + 1);
        $speed = abs($way) < self::CLOSE || $left * $way <= 0 ? INF : $this->pace->speed->toFloat() * $left / $way;

        return abs($speed) > Pace::FASTEST ? null : new Fraction((int) round($speed * self::FINEST), self::FINEST);
    }

    /** As `Pace::room`. */
    public function room(): int
    {
        if ($this->pace->beyond->goesOn()) {
            return Pace::ANY;
        }
        $even = min(0, $this->ramp->changes()[0] ?? 0);
        $gone = $this->ends($even);
        if ($gone !== null) {
            return max(0, -$gone - 1);
        }
        $speed = $this->speedAt($even - 1);
        $left = $speed > 0 ? $this->at($even) : $this->frames - $this->at($even) - 2 * self::CLOSE;

        return $speed === 0.0 ? Pace::ANY : max(0, -$even + (int) floor(($left + self::CLOSE) / abs($speed)));
    }

    /** As `Pace::lasts`. */
    public function lasts(): ?int
    {
        if ($this->pace->beyond->goesOn()) {
            return null;
        }
        $even = max(0, $this->ramp->changes()[1] ?? 0);
        $gone = $this->ends($even);
        if ($gone !== null) {
            return max(1, $gone);
        }
        $speed = $this->speedAt($even);
        $left = $speed > 0 ? $this->frames - $this->at($even) : $this->at($even) + 1;

        return $speed === 0.0 ? null : max(1, $even + (int) floor($left / abs($speed) + 0.5));
    }

    /**
     * As `Pace::missing`; a ramp may leave the clip and come back.
     *
     * @return list<FrameRange>
     */
    public function missing(FrameRange $span): array
    {
        if ($this->pace->beyond->goesOn()) {
            return [];
        }
        $missing = [];
        for ($from = 0; $from !== null; $from = $change) {
            $change = $this->change($from, $span->length() - 1);
            if (! $this->has($from)) {
                $missing[] = new FrameRange($span->in + $from, $change === null ? $span->out : $span->in + $change);
            }
        }

        return $missing;
    }

    /** The first frame on the way from the in point to another at which the clip was there and is no more; null where there is none. */
    private function ends(int $to): ?int
    {
        $begins = $this->has(0) ? 0 : $this->change(0, $to);

        return $begins === null ? null : $this->change($begins, $to);
    }

    /** The first frame on the way from one to another that is not as the first, in whether the clip has it; null where all are. */
    private function change(int $from, int $to): ?int
    {
        $has = $this->has($from);
        $stride = max(1, intdiv(abs($to - $from), self::STEPS)) * ($to <=> $from);
        for ($at = $from; $at !== $to; $at = $next) {
            $next = $stride > 0 ? min($to, $at + $stride) : max($to, $at + $stride);
            if ($this->has($next) !== $has) {
                while (abs($next - $at) > 1) {
                    $middle = intdiv($at + $next, 2);
                    [$at, $next] = $this->has($middle) === $has ? [$middle, $next] : [$at, $middle];
                }

                return $next;
            }
        }

        return null;
    }

    /** Whether the clip has what is asked for. */
    private function has(int $after): bool
    {
        $frame = $this->asked($after);

        return $frame >= 0 && $frame < $this->frames;
    }
}
