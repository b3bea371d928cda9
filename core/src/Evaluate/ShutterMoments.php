<?php

declare(strict_types=1);

namespace Ricamo\Core\Evaluate;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Geometry\Point;

/** At how many moments a layer with motion blur is seen while the shutter is open: as many as its way asks for. */
final readonly class ShutterMoments
{
    /** How far apart, in pixels, two pictures of the same corner may be without their edges being told apart. */
    private const SPACING = 2.5;

    /** How many operations a layer may come to on one frame. */
    private const MOST_OPERATIONS = 20_000;

    /** Into how many pieces the way is cut to be measured, so that turning and bending count. */
    private const PIECES = 8;

    /** Into how many where a layer's parts go ways of their own: there are many, and each goes a short one. */
    private const FEW = 2;

    /**
     * @param  callable(float): array<array-key, Point>  $corners  where the layer's corners, or its parts, are at a moment
     * @return ?non-empty-list<float> the moments, as many as a power of two; null where it is sharp
     */
    public function moments(Layer $layer, Composition $composition, int $frame, callable $corners): ?array
    {
        $shutter = $layer->exposure->shutter ?? $composition->shutter;
        if (! $layer->exposure->motionBlur || ! $layer->kind->isSeen() || $shutter->angle <= 0) {
            return null;
        }
        $ways = [0.0];
        $before = null;
        $pieces = $layer->attached->cascades === [] ? self::PIECES : self::FEW;
        foreach ($shutter->moments($frame, $pieces + 1) as $at) {
            $now = $corners($at);
            foreach ($before ?? [] as $index => $corner) {
                if (isset($now[$index])) {
                    $ways[$index] = ($ways[$index] ?? 0.0) + hypot($now[$index]->x - $corner->x, $now[$index]->y - $corner->y);
                }
            }
            $before = $now;
        }
        // The moments are each in the middle of their share of the time: what lies before the first and after the last counts, too.
        $way = max($ways) * ($pieces + 1) / $pieces;
        if ($way < 0.5) {
            return null;
        }
        $count = 2;
        while ($count < $shutter->samples && $count * self::SPACING < $way) {
            $count *= 2;
        }

        return $shutter->moments($frame, $count);
    }

    /**
     * Fewer of the moments where a drawing of very many parts would be drawn too often.
     *
     * @param  non-empty-list<float>  $moments
     * @param  int  $operations  for each of them
     * @return non-empty-list<float>
     */
    public function affordable(array $moments, int $operations): array
    {
        while (count($moments) > 1 && count($moments) * $operations > self::MOST_OPERATIONS) {
            /** @var non-empty-list<float> $moments the first of them stays */
            $moments = array_values(array_filter($moments, fn (int $index): bool => $index % 2 === 0, ARRAY_FILTER_USE_KEY));
        }

        return $moments;
    }
}
