<?php

declare(strict_types=1);

namespace Ricamo\Core\Kind;

use Ricamo\Core\Animation\Keyframe;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Point;

/** How a layer, and the points of its masks and effects, go by their keyframes: to be seen. */
final class Ways
{
    /** A longer way is ticked every other frame, or every so many. */
    private const MOST_TICKS = 750;

    /**
     * @param  callable(Point): Point  $place  to composition pixels, as the layer stands now
     * @return list<array{float, float}> where it is on each frame from the first keyframe to the last; none where it goes nowhere
     */
    public static function ticks(Layer $layer, string $property, callable $place): array
    {
        $frames = array_keys($layer->properties[$property]->course($layer->span));
        if (count($frames) < 2) {
            return [];
        }
        [$first, $last] = [$frames[0], $frames[count($frames) - 1]];
        $every = max(1, (int) ceil(($last - $first) / self::MOST_TICKS));
        $ticks = [];
        for ($at = $first; $at <= $last; $at += $every) {
            $point = $place($layer->point($property, $at));
            $ticks[] = [round($point->x, 2), round($point->y, 2)];
        }

        return $ticks;
    }

    /**
     * Where it is at its keyframes, and the handles by which its way is bent there.
     *
     * @param  Affine  $space  to composition pixels, as the layer stands now
     * @return list<array{frame: int, at: array{float, float}, bend: ?array{arrive: array{float, float}, leave: array{float, float}}}>
     *     none where it goes nowhere
     */
    public static function points(Layer $layer, string $property, Affine $space): array
    {
        $course = $layer->properties[$property]->course($layer->span);

        return count($course) < 2 ? [] : array_map(function (int $frame, Keyframe $keyframe) use ($layer, $property, $space): array {
            $point = $space->apply($layer->point($property, $frame));

            return [
                'frame' => $frame,
                'at' => [round($point->x, 2), round($point->y, 2)],
                'bend' => $keyframe->bend?->placed($space)->toJson(),
            ];
        }, array_keys($course), $course);
    }

    /**
     * @param  list<string>  $properties
     * @return list<int> the nearest frames before this one and after it on which one of them has a keyframe
     */
    public static function neighbours(Layer $layer, array $properties, int $frame): array
    {
        $before = $after = null;
        foreach ($properties as $name) {
            $property = $layer->properties[$name] ?? null;
            $one = $property?->keyframeBefore($frame - 1, $layer->span)?->frame($layer->span);
            $before = $one === null ? $before : max($before ?? $one, $one);
            $other = $property?->keyframeAfter($frame, $layer->span)?->frame($layer->span);
            $after = $other === null ? $after : min($after ?? $other, $other);
        }

        return array_values(array_filter([$before, $after], is_int(...)));
    }
}
