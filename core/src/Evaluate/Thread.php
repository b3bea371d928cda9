<?php

declare(strict_types=1);

namespace Ricamo\Core\Evaluate;

use Ricamo\Core\Animation\Easing\Easing;
use Ricamo\Core\Animation\Easing\Handles;
use Ricamo\Core\Animation\Easing\Hold;
use Ricamo\Core\Animation\Easing\Jump;
use Ricamo\Core\Animation\Easing\Linear;
use Ricamo\Core\Animation\Keyframe;
use Ricamo\Core\Animation\KeyframeSegment;
use Ricamo\Core\Animation\Property;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Time\FrameRange;

/** A property's course over time, for its row in the timeline: its keyframes, and its value sampled in between. */
final readonly class Thread
{
    /** Samples of an eased segment: enough for the six turns of an elastic one to be seen. */
    private const FINE = 40;

    /** Segments beyond this many are drawn straight: they are narrower than a curve could be told from a line. */
    private const MOST_CURVES = 100;

    /**
     * @return array<string, mixed> of each bead, `curve` holds the handles of its easing, in shares of its time and its change,
     *     null where it has none; on each of `frames`, `channels` hold the numbers that the value is made of, `speeds` how far it
     *     goes in a frame, and `colours` the colour that it is
     */
    public static function of(Layer $layer, string $name, Property $property): array
    {
        $course = $property->course($layer->span);
        $curved = count($course) <= self::MOST_CURVES;

        return [
            'property' => $name,
            'beads' => array_map(fn (int $frame, Keyframe $keyframe, ?Keyframe $next): array => [
                'frame' => $frame,
                'value' => $property->type->write($keyframe->value),
                'easing' => (string) $keyframe->easing,
                'curve' => Handles::of($keyframe->easing)?->curve()->handles(),
                'pin' => $keyframe->pin->value,
                'handles' => $next === null || ! $curved ? null : (new KeyframeSegment(
                    $property->type, $keyframe, $next, $layer->span,
                ))->handles(),
            ], array_keys($course), $course, [...array_slice($course, 1), ...($course === [] ? [] : [null])]),
            ...self::samples($property, $course, $curved, $layer->span),
        ];
    }

    /**
     * @param  array<int, Keyframe>  $course  by frame
     * @return array{frames: list<float>, channels: list<list<float>>, speeds: list<float>, colours: list<string>}
     */
    private static function samples(Property $property, array $course, bool $curved, FrameRange $span): array
    {
        $frames = [];
        $channels = [];
        $colours = [];
        $at = array_keys($course);
        foreach (array_values($course) as $index => $keyframe) {
            $next = $course[$at[$index + 1] ?? -PHP_INT_MAX] ?? null;
            foreach ($next === null ? [0.0] : self::steps($keyframe->easing, $curved) as $t) {
                $frame = $at[$index] + $t * (($at[$index + 1] ?? 0) - $at[$index]);
                $value = $next === null ? $keyframe->value : $property->at($frame, $span);
                $frames[] = round($frame, 3);
                $swatch = $property->type->swatch($value);
                if ($swatch !== null) {
                    $colours[] = $swatch;
                }
                foreach ($property->type->channels($value) as $channel => $number) {
                    $channels[$channel][] = round($number, 3);
                }
            }
        }

        $channels = array_values($channels);

        return ['frames' => $frames, 'channels' => $channels, 'speeds' => self::speeds($frames, $channels), 'colours' => $colours];
    }

    /**
     * @param  list<float>  $frames
     * @param  list<list<float>>  $channels
     * @return list<float> how far all channels together go in a frame, from each sample to the next
     */
    private static function speeds(array $frames, array $channels): array
    {
        $speeds = [];
        $last = count($frames) - 1;
        for ($i = 0; $i < $last; $i++) {
            $steps = array_map(fn (array $channel): float => ($channel[$i + 1] - $channel[$i]) ** 2, $channels);
            $length = $frames[$i + 1] - $frames[$i];
            // A jump from one frame to the next is as fast as that frame is long.
            $speeds[] = round(sqrt(array_sum($steps)) / max(1e-3, $length < 0.01 ? 1 : $length), 3);
        }

        return $channels === [] || $last < 0 ? [] : [...$speeds, 0.0];
    }

    /** @return list<float> where in a segment it is sampled, 0 to below 1 */
    private static function steps(Easing $easing, bool $curved): array
    {
        return match (true) {
            $easing instanceof Hold => [0.0, 0.999999],
            $easing instanceof Jump => [0.0, 1e-6],
            $easing instanceof Linear, ! $curved => [0.0],
            default => array_map(fn (int $step): float => (float) ($step / self::FINE), range(0, self::FINE - 1)),
        };
    }
}
