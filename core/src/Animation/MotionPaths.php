<?php

declare(strict_types=1);

namespace Ricamo\Core\Animation;

use Ricamo\Core\Geometry\Point;
use WeakMap;

/** The paths between keyframes, each measured once: it is asked for on every frame, and oftener where it is blurred. */
final class MotionPaths
{
    /** @var WeakMap<Keyframe, array{Keyframe, MotionPath}>|null the next keyframe and the path there */
    private static ?WeakMap $known = null;

    /** The path between two keyframes of a place; null where it is straight. */
    public static function between(Keyframe $from, Keyframe $to): ?MotionPath
    {
        if (($from->bend === null && $to->bend === null) || ! $from->value instanceof Point || ! $to->value instanceof Point) {
            return null;
        }
        self::$known ??= new WeakMap;
        $known = self::$known[$from] ?? null;
        if ($known === null || $known[0] !== $to) {
            $none = new Point(0, 0);
            $known = [
                $to,
                new MotionPath(
                    $from->value, $from->value->plus($from->bend->leave ?? $none), $to->value->plus($to->bend->arrive ?? $none), $to->value,
                ),
            ];
            self::$known[$from] = $known;
        }

        return $known[1];
    }
}
