<?php

declare(strict_types=1);

namespace Ricamo\Core\Document;

/** The direction in which a layer goes. */
final class Heading
{
    private const STEP = 0.05;

    /** @return float degrees clockwise from the right; where it stands still, as it came there, or as it will leave */
    public static function of(Layer $layer, int|float $frame): float
    {
        $frames = Axes::frames($layer);
        if (count($frames) < 2) {
            return 0.0;
        }
        $at = max($frames[0] + self::STEP, min($frames[count($frames) - 1] - self::STEP, $frame));
        $earlier = array_reverse(array_filter($frames, fn (int $other): bool => $other - self::STEP > $frames[0] && $other < $at));
        $later = array_filter($frames, fn (int $other): bool => $other + self::STEP < $frames[count($frames) - 1] && $other > $at);
        foreach ([
            $at, ...array_map(fn (int $other): float => $other - 2 * self::STEP, $earlier),
            ...array_map(fn (int $other): float => $other + 2 * self::STEP, $later),
        ] as $moment) {
            [$before, $after] = [$layer->point('position', $moment - self::STEP), $layer->point('position', $moment + self::STEP)];
            if (hypot($after->x - $before->x, $after->y - $before->y) > 1e-6) {
                return rad2deg(atan2($after->y - $before->y, $after->x - $before->x));
            }
        }

        return 0.0;
    }
}
