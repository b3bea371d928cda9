<?php

namespace Ricamo\Core\Evaluate;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Geometry\Point;

/** At how many moments a layer with motion blur is seen while the shutter is open: as many as its way asks for. */
final readonly class Exposure
{
    /** How far apart, in pixels, two pictures of the same corner may be without their edges being told apart. */
    private const SPACING = 2.5;

    /** How many operations a layer may come to on one frame. */
    private const MOST_OPERATIONS = 20_000;

    /** Into how many pieces the way is cut to be measured, so that turning and bending count. */
    private const PIECES = 8;

    /**
     * @param  callable(float): list<Point>  $corners  where the layer's corners are at a moment
     * @return ?non-empty-list<float> the moments, as many as a power of two; null where it is sharp
     */
    public function moments(Layer $layer, Composition $composition, int $frame, callable $corners): ?array
    {
        $shutter = $layer->shutter ?? $composition->shutter;
        if (! $layer->motionBlur || ! $layer->kind->isSeen() || $shutter->angle <= 0) {
            return null;
        }
        $ways = [0.0, 0.0, 0.0, 0.0];
        $before = null;
        foreach ($shutter->moments($frame, self::PIECES + 1) as $at) {
            $now = $corners($at);
            foreach ($before ?? [] as $index => $corner) {
                $ways[$index] += hypot($now[$index]->x - $corner->x, $now[$index]->y - $corner->y);
            }
            $before = $now;
        }
        $way = max($ways);
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
