<?php

declare(strict_types=1);

namespace Ricamo\Core\Animation;

use Ricamo\Core\Animation\Easing\Hold;
use Ricamo\Core\Animation\Easing\Jump;
use Ricamo\Core\Value\Type\ValueType;

/**
 * The segment between two keyframes that is gone through without stopping: a cubic Hermite curve over time, whose speeds
 * at the keyframes come from those before and after, so that speed has no break there.
 *
 * For numbers the speed at a keyframe is the weighted harmonic mean of the two segments' mean speeds, and nought where
 * they go opposite ways (Fritsch & Butland 1984): the curve meets the condition of Fritsch & Carlson 1980 and never goes
 * beyond its neighbours. For paths it is the speed of the parabola through the three points, so that direction is
 * continuous as well. Beside a pause it is nought; where there is no further keyframe it is the segment's own mean.
 * Values that are not made of numbers, outlines, are mixed: what glides is how far the mix has come, counted in keyframes.
 */
final readonly class Gliding
{
    /**
     * @param  array{float, Keyframe}|null  $before  the keyframe before the segment's first, with its frame
     * @param  array{float, Keyframe}|null  $after  the one after its last
     */
    public function __construct(private ValueType $type, private ?array $before, private ?array $after)
    {
    }

    /**
     * @param  array{float, Keyframe}  $from  the segment's first keyframe, with its frame
     * @param  array{float, Keyframe}  $to
     * @param  float  $t  0..1
     */
    public function at(array $from, array $to, float $t): mixed
    {
        $first = $this->type->channels($from[1]->value);
        $last = $this->type->channels($to[1]->value);
        if ($this->type->made($first) === null) {
            return $this->type->mix($from[1]->value, $to[1]->value, $this->progress($from[0], $to, $t));
        }
        $length = $to[0] - $from[0];
        $own = self::speeds($first, $last, $length);
        $leaving = $this->before === null
            ? $own
            : $this->through($this->speedsBetween($this->before, $from), $own, $from[0] - $this->before[0], $length);
        $arriving = $this->after === null
            ? $own
            : $this->through($own, $this->speedsBetween($to, $this->after), $length, $this->after[0] - $to[0]);
        $channels = [];
        foreach ($first as $channel => $value) {
            $channels[] = self::hermite($value, $last[$channel], $length * $leaving[$channel], $length * $arriving[$channel], $t);
        }

        return $this->type->made($channels);
    }

    /**
     * @param  array{float, Keyframe}  $to
     * @return float 0..1
     */
    private function progress(float $from, array $to, float $t): float
    {
        $length = $to[0] - $from;
        $own = 1 / $length;
        // How many keyframes further a frame leads between two of them.
        $speed = fn (Keyframe $first, float $between): float => self::holds($first) ? 0.0 : 1 / $between;
        $leaving = $this->before === null
            ? $own
            : self::monotone($speed($this->before[1], $from - $this->before[0]), $own, $from - $this->before[0], $length);
        $arriving = $this->after === null
            ? $own
            : self::monotone($own, $speed($to[1], $this->after[0] - $to[0]), $length, $this->after[0] - $to[0]);

        return self::hermite(0, 1, $length * $leaving, $length * $arriving, $t);
    }

    private static function holds(Keyframe $keyframe): bool
    {
        return $keyframe->easing instanceof Hold || $keyframe->easing instanceof Jump;
    }

    /**
     * @param  array{float, Keyframe}  $from
     * @param  array{float, Keyframe}  $to
     * @return list<float> a frame, along each channel; nought where it holds
     */
    private function speedsBetween(array $from, array $to): array
    {
        $first = $this->type->channels($from[1]->value);
        if (self::holds($from[1])) {
            return array_map(fn (): float => 0.0, $first);
        }

        return self::speeds($first, $this->type->channels($to[1]->value), $to[0] - $from[0]);
    }

    /**
     * @param  list<float>  $first
     * @param  list<float>  $last
     * @return list<float>
     */
    private static function speeds(array $first, array $last, float $length): array
    {
        return array_map(fn (float $a, float $b): float => ($b - $a) / $length, $first, $last);
    }

    /**
     * The speed at a keyframe between two segments.
     *
     * @param  list<float>  $in  the mean speed of the one before it, and its length in frames
     * @param  list<float>  $out  likewise of the one after it
     * @return list<float>
     */
    private function through(array $in, array $out, float $inLength, float $outLength): array
    {
        if (! $this->type->travels()) {
            return array_map(fn (float $a, float $b): float => self::monotone($a, $b, $inLength, $outLength), $in, $out);
        }
        $isStill = array_sum(array_map(abs(...), $in)) < 1e-9 || array_sum(array_map(abs(...), $out)) < 1e-9;

        return array_map(
            fn (float $a, float $b): float => $isStill ? 0.0 : ($outLength * $a + $inLength * $b) / ($inLength + $outLength), $in, $out,
        );
    }

    private static function monotone(float $in, float $out, float $inLength, float $outLength): float
    {
        if ($in * $out <= 0) {
            return 0.0;
        }
        [$inWeight, $outWeight] = [2 * $outLength + $inLength, $outLength + 2 * $inLength];

        return ($inWeight + $outWeight) / ($inWeight / $in + $outWeight / $out);
    }

    /** The cubic with values $a and $b and slopes $from and $to at 0 and 1. */
    private static function hermite(float $a, float $b, float $from, float $to, float $t): float
    {
        return $a + $t * ($from + $t * (3 * ($b - $a) - 2 * $from - $to + $t * (2 * ($a - $b) + $from + $to)));
    }
}
