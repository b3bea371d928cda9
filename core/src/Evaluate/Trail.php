<?php

declare(strict_types=1);

namespace Ricamo\Core\Evaluate;

use Ricamo\Core\Document\Axes;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Document\View;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Kind\Ways;

/** The way that a layer goes across the picture, and its poses at the keyframes before and after: to be seen and touched. */
final class Trail
{
    /** A longer way is ticked every other frame, or every so many. */
    private const MOST_TICKS = 750;

    /**
     * @return array<string, mixed>|null in composition pixels, `speed` in pixels a second: `points` at the keyframes of its place,
     *     `stops` at those of its depth as well, `ticks` on every so many frames `from` the first of these; null for a layer that goes
     *     nowhere
     */
    public static function of(Layer $layer, int $frame, Composition $composition, Evaluator $evaluator): ?array
    {
        if (! $layer->kind->isSeen()) {
            return null;
        }
        $ghosts = self::ghosts($layer, $composition, $frame, $evaluator);
        $frames = Axes::frames($layer);
        // What goes away or comes nearer goes a way, too.
        $stops = array_values(array_unique([...$frames, ...array_keys(($layer->properties['z'] ?? null)?->course($layer->span) ?? [])]));
        sort($stops);
        if ($stops === []) {
            return $ghosts === [] ? null : [
                'points' => [], 'stops' => [], 'from' => 0, 'ticks' => [], 'every' => 1, 'speed' => 0.0, 'apart' => false, 'ghosts' => $ghosts,
            ];
        }
        $path = $layer->properties['position'] ?? null;
        // The way is shown as the groups that the layer is in stand now.
        $space = $composition->space($layer->id, $frame);
        $place = function (int|float $at) use ($layer, $composition, $space): Point {
            $flat = $space->apply($layer->point('position', $at));

            return View::ofPlace($layer, $composition, $at)?->apply($flat) ?? $flat;
        };
        [$first, $last] = [$stops[0], $stops[count($stops) - 1]];
        $every = max(1, (int) ceil(($last - $first) / self::MOST_TICKS));
        $ticks = [];
        for ($at = $first; $at <= $last; $at += $every) {
            $ticks[] = self::pair($place($at));
        }
        $step = $place($frame + 0.5)->minus($place($frame - 0.5));

        return [
            'points' => array_map(fn (int $at): array => [
                'frame' => $at,
                'at' => self::pair($place($at)),
                'bend' => $path?->keyframeOn($at, $layer->span)?->bend
                    ?->placed(View::around($layer, $composition, $at)?->after($space) ?? $space)->toJson(),
            ], $frames),
            'stops' => array_map(fn (int $at): array => ['frame' => $at, 'at' => self::pair($place($at))], $stops),
            'from' => $first,
            'ticks' => $ticks,
            'every' => $every,
            'speed' => round(hypot($step->x, $step->y) * $composition->rate->perSecond(), 1),
            'apart' => $path === null,
            'ghosts' => $ghosts,
        ];
    }

    /**
     * @return list<array{frame: int, corners: list<array{float, float}>}> its poses at the nearest keyframes of its placement,
     *     before and after
     */
    private static function ghosts(Layer $layer, Composition $composition, int $frame, Evaluator $evaluator): array
    {
        $here = self::corners($evaluator->pose($layer, $composition, $frame));
        $ghosts = array_map(
            fn (int $at): array => [
                'frame' => $at, 'corners' => self::corners($evaluator->pose($layer, $composition, $at)),
            ], Ways::neighbours($layer, ['position', 'x', 'y', 'z', 'scale', 'rotation', 'tiltX', 'tiltY', 'anchorZ'], $frame),
        );

        // One that stands where the layer is now would only be in its way.
        return array_values(array_filter($ghosts, fn (array $ghost): bool => $ghost['corners'] !== $here));
    }

    /** @return list<array{float, float}> clockwise from the top left */
    private static function corners(Pose $pose): array
    {
        return array_map(fn (Point $corner): array => self::pair($pose->seen($corner)), $pose->box->corners());
    }

    /** @return array{float, float} */
    private static function pair(Point $point): array
    {
        return [round($point->x, 2), round($point->y, 2)];
    }
}
