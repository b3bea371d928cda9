<?php

namespace Ricamo\Core\Evaluate;

use Ricamo\Core\Animation\Keyframe;
use Ricamo\Core\Animation\Property;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Time\FrameRange;

/** A property's course over time, for its row in the timeline: its keyframes, and its value sampled in between. */
final readonly class Thread
{
    private const MOST_SAMPLES = 240;

    /** @return array<string, mixed> */
    public static function of(Layer $layer, string $name, Property $property): array
    {
        return [
            'property' => $name,
            'beads' => self::beads($property, $layer->span),
            ...self::samples($property, $layer->span),
        ];
    }

    /** @return list<array<string, mixed>> in order of time */
    private static function beads(Property $property, FrameRange $span): array
    {
        $beads = [];
        foreach ($property->keyframes() as $keyframe) {
            $frame = $keyframe->frame($span);
            if ($property->keyframeOn($frame, $span) === $keyframe) {
                $beads[$frame] = [
                    'frame' => $frame,
                    'value' => $property->type->write($keyframe->value),
                    'easing' => (string) $keyframe->easing,
                    'pin' => $keyframe->pin->value,
                ];
            }
        }
        ksort($beads);

        return array_values($beads);
    }

    /**
     * The value's channels between its first and last keyframe, at even steps.
     *
     * @return array{from: int, step: float, channels: array<int, array<int, float>>}
     */
    private static function samples(Property $property, FrameRange $span): array
    {
        $frames = array_map(fn (Keyframe $keyframe): int => $keyframe->frame($span), $property->keyframes());
        $first = min($frames ?: [$span->in]);
        $last = max($frames ?: [$span->in]);
        $count = max(1, min(self::MOST_SAMPLES, $last - $first));
        $channels = [];
        for ($index = 0; $index <= $count; $index++) {
            $value = $property->at($first + ($last - $first) * $index / $count, $span);
            foreach ($property->type->channels($value) ?? [] as $channel => $number) {
                $channels[$channel][$index] = round($number, 3);
            }
        }

        return ['from' => $first, 'step' => (float) (($last - $first) / $count), 'channels' => $channels];
    }
}
