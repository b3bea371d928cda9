<?php

declare(strict_types=1);

namespace Ricamo\Core\Animation;

use Ricamo\Core\Animation\Easing\Glide;
use Ricamo\Core\Animation\Easing\Hold;
use Ricamo\Core\Animation\Easing\Jump;
use Ricamo\Core\Animation\Easing\Linear;
use Ricamo\Core\Time\FrameRange;

/**
 * The area under a number over time, in its unit times frames: of a speed, how far it leads.
 *
 * Straight and gliding segments, and what holds, come out exactly; of eased ones, panels of a 64th of the segment (of a frame in
 * longer ones, up to 512) are measured at three places each, by Gauss's quadrature, which is exact up to the fifth power.
 */
final class Area
{
    private const PLACES = [-0.774596669241483377, 0.0, 0.774596669241483377];

    private const WEIGHTS = [5 / 18, 8 / 18, 5 / 18];

    private const LEAST_PANELS = 64;

    private const MOST_PANELS = 512;

    /** @var array<int, Keyframe> those that count, by their frames */
    private readonly array $course;

    /** @var list<int> the frames of these */
    private readonly array $frames;

    /** @var array<int, int> the frames from and to which it jumps */
    private readonly array $jumps;

    /** @var array<int, non-empty-list<float>> the area up to each panel of a segment, so far as it was asked for, by its first frame */
    private array $upTo = [];

    public function __construct(private readonly Property $property, private readonly FrameRange $span)
    {
        $this->course = $property->course($span);
        $this->frames = array_keys($this->course);
        $jumps = [];
        foreach ($this->frames as $index => $frame) {
            if ($this->course[$frame]->easing instanceof Jump && isset($this->frames[$index + 1])) {
                $jumps[$frame] = $this->frames[$index + 1];
            }
        }
        $this->jumps = $jumps;
    }

    /** @return float below nought where $to comes before $from */
    public function between(float $from, float $to): float
    {
        if ($to < $from) {
            return -$this->between($to, $from);
        }
        if ($this->frames === []) {
            return ($to - $from) * $this->at($from);
        }
        [$first, $last] = [$this->frames[0], $this->frames[count($this->frames) - 1]];
        // Before the first keyframe and after the last it is even.
        $area = max(0.0, min($to, $first) - $from) * $this->at(min($from, $first))
            + max(0.0, $to - max($from, $last)) * $this->at(max($to, $last));
        for ($index = 0; $index + 1 < count($this->frames); $index++) {
            [$begin, $end] = [$this->frames[$index], $this->frames[$index + 1]];
            if ($end > $from && $begin < $to) {
                $area += $this->within($begin, $end, min($to, $end)) - $this->within($begin, $end, max($from, $begin));
            }
        }

        return $area;
    }

    /** Of a segment from $begin to $end, as far as $to. */
    private function within(int $begin, int $end, float $to): float
    {
        $easing = $this->course[$begin]->easing;
        if ($easing instanceof Hold || $easing instanceof Jump) {
            return ($to - $begin) * $this->at($easing instanceof Hold ? $begin : $end);
        }
        $isCubic = $easing instanceof Linear || $easing instanceof Glide;
        $panels = $isCubic ? 1 : max(self::LEAST_PANELS, min(self::MOST_PANELS, $end - $begin));
        $width = ($end - $begin) / $panels;
        $last = min($panels - 1, (int) floor(($to - $begin) / $width));
        $upTo = $this->upTo[$begin] ?? [0.0];
        for ($panel = count($upTo); $panel <= $last; $panel++) {
            $upTo[] = $upTo[$panel - 1] + $this->panel($begin + ($panel - 1) * $width, $begin + $panel * $width);
        }
        $this->upTo[$begin] = $upTo;

        return $upTo[$last] + $this->panel($begin + $last * $width, $to);
    }

    private function panel(float $from, float $to): float
    {
        [$middle, $half] = [($from + $to) / 2, ($to - $from) / 2];
        $area = 0.0;
        foreach (self::PLACES as $index => $place) {
            $area += self::WEIGHTS[$index] * $this->at($middle + $place * $half);
        }

        return 2 * $half * $area;
    }

    /** The number itself; a jump, which is seen from one frame to the next, is made at once. */
    public function at(float $frame): float
    {
        $next = null;
        foreach ($this->jumps as $begin => $end) {
            $next = $frame > $begin && $frame < $end ? $end : $next;
        }
        $value = $this->property->at($next ?? $frame, $this->span);
        assert(is_float($value));

        return $value;
    }
}
