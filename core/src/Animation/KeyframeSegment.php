<?php

declare(strict_types=1);

namespace Ricamo\Core\Animation;

use Ricamo\Core\Animation\Easing\Handles;
use Ricamo\Core\Refusal;
use Ricamo\Core\Time\FrameRange;
use Ricamo\Core\Value\Type\ValueType;

/** From one keyframe to the next, as it is measured: in frames, in the numbers that its values are made of, and in units a frame. */
final readonly class KeyframeSegment
{
    private int $from;

    private int $length;

    /** @var list<float> */
    private array $first;

    /** @var list<float> */
    private array $last;

    /** How far it goes. */
    private float $distance;

    /** Whether it goes a path that is not straight: its numbers do not go in step with its progress then. */
    private bool $isBent;

    public function __construct(ValueType $type, private Keyframe $keyframe, Keyframe $next, FrameRange $span)
    {
        $this->from = $keyframe->frame($span);
        $this->length = max(1, $next->frame($span) - $this->from);
        [$this->first, $this->last] = [array_values($type->channels($keyframe->value)), array_values($type->channels($next->value))];
        $steps = array_map(
            fn (float $from, float $to): float => ($to - $from) ** 2,
            $this->first,
            count($this->first) === count($this->last) ? $this->last : $this->first,
        );
        $this->distance = MotionPaths::between($keyframe, $next)?->length() ?? sqrt(array_sum($steps));
        $this->isBent = MotionPaths::between($keyframe, $next) !== null;
    }

    /** @return float the share of its time, which may be beyond 0..1 */
    public function along(float $frame): float
    {
        return ($frame - $this->from) / $this->length;
    }

    /**
     * @return float the share of its change at which one of its numbers is a value
     *
     * @throws Refusal where its value does not change in a straight line
     */
    public function progress(float $value, int $channel): float
    {
        $by = ($this->last[$channel] ?? 0.0) - ($this->first[$channel] ?? 0.0);

        return abs($by) < 1e-9 || $this->isBent
            ? throw new Refusal('a value that does not change in a straight line has no curve to be pulled')
            : ($value - $this->first[$channel]) / $by;
    }

    /**
     * @return float a speed in units a frame, in multiples of its mean
     *
     * @throws Refusal where its value does not change
     */
    public function share(float $speed): float
    {
        return $this->distance < 1e-9
            ? throw new Refusal('a value that does not change has no speed')
            : $speed * $this->length / $this->distance;
    }

    /**
     * Where its handles are drawn.
     *
     * @return list<array{at: float, values: list<float>, speed: float}>|null `at` in frames, `values` one for each number
     *     (none where it goes a bent path), `speed` in units a frame; null where it has no handles
     */
    public function handles(): ?array
    {
        $handles = Handles::of($this->keyframe->easing);
        if ($handles === null || $this->distance < 1e-9) {
            return null;
        }
        $mean = $this->distance / $this->length;

        return array_map(fn (array $place, float $speed): array => [
            'at' => round($this->from + $place[0] * $this->length, 3),
            'values' => $this->isBent ? [] : array_map(
                fn (float $from, float $to): float => round($from + $place[1] * ($to - $from), 3), $this->first, $this->last,
            ),
            'speed' => round($speed * $mean, 3),
        ], $handles->places(), $handles->speeds());
    }
}
