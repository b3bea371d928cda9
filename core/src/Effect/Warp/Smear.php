<?php

declare(strict_types=1);

namespace Ricamo\Core\Effect\Warp;

use Ricamo\Core\Display\DisplayList;
use Ricamo\Core\Display\Group;
use Ricamo\Core\Effect\Effect;
use Ricamo\Core\Effect\FitsLayer;
use Ricamo\Core\Effect\Place;
use Ricamo\Core\Effect\Setting;
use Ricamo\Core\Effect\Values;
use Ricamo\Core\Geometry\Box;

/**
 * What is farther from a centre than a radius is drawn out, away from it; what is nearer stays. Where the centre goes, a layer
 * comes out of it.
 */
final class Smear implements Effect, FitsLayer
{
    /** How wide the first ring is, in the layer's own pixels, and how much wider each is than the one before. */
    private const FIRST = 200;

    private const WIDER = 1.5;

    private const FARTHEST = 12_000;

    public function name(): string
    {
        return 'smear';
    }

    public function title(): string
    {
        return 'Smear';
    }

    public function settings(): array
    {
        return [Setting::percent('amount', 'Amount', 100), Setting::centre(), Setting::pixels('radius', 'Radius', 200, 20_000)];
    }

    public function fitted(Box $box): array
    {
        return ['centre' => $box->centre(), 'radius' => $box->shorter() / 2];
    }

    public function times(): int
    {
        return 1;
    }

    public function apply(array $operations, Values $values, Place $place): array
    {
        $extent = DisplayList::extentOf($operations);
        $share = 1 - $values->number('amount') / 100;
        if ($extent === null || $share > 0.999) {
            return $operations;
        }
        [$centre, $radius] = [$values->point('centre'), $values->number('radius')];
        $own = $place->own($extent);
        // Beyond its farthest corner there is nothing to be drawn out.
        $far = hypot(
            max(abs($own->left - $centre->x), abs($own->right - $centre->x)),
            max(abs($own->top - $centre->y), abs($own->bottom - $centre->y)),
        );
        $rings = [[$radius, $radius, 0.0]];
        for ($width = self::FIRST; $far > $radius && end($rings)[0] < self::FARTHEST && end($rings)[1] <= $far; $width *= self::WIDER) {
            $seen = end($rings)[0] + $width;
            $rings[] = [$seen, $radius + ($seen - $radius) * $share, 0.0];
        }

        return count($rings) === 1 ? $operations : [new Group($operations, filters: [Rings::warp($centre, $rings, $place)])];
    }
}
