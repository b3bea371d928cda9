<?php

declare(strict_types=1);

namespace Ricamo\Core\Effect\Warp;

use Ricamo\Core\Display\Group;
use Ricamo\Core\Effect\Effect;
use Ricamo\Core\Effect\FitsLayer;
use Ricamo\Core\Effect\Place;
use Ricamo\Core\Effect\Setting;
use Ricamo\Core\Effect\Values;
use Ricamo\Core\Geometry\Box;

/** Towards the eye within a circle, or, below nothing, away from it. */
final class Bulge implements Effect, FitsLayer
{
    private const RINGS = 24;

    /** Of all of it the middle would be one point, infinitely large. */
    private const MOST = 0.95;

    public function name(): string
    {
        return 'bulge';
    }

    public function title(): string
    {
        return 'Bulge or pinch';
    }

    public function settings(): array
    {
        return [Setting::percent('amount', 'Amount', 50, -100, 100), Setting::centre(), Setting::pixels('radius', 'Radius', 300, 20_000)];
    }

    public function fitted(Box $box): array
    {
        return Rings::fitted($box);
    }

    public function times(): int
    {
        return 1;
    }

    public function apply(array $operations, Values $values, Place $place): array
    {
        $amount = min(self::MOST, $values->number('amount') / 100);
        $radius = $values->number('radius');
        if (abs($amount) < 1e-3 || $radius < 1) {
            return $operations;
        }
        // Smooth at the edge, and a way outwards at every place: no point is seen twice.
        $taken = fn (float $part): array => [$part * (1 - $amount * (1 - $part ** 2) ** 2), 0.0];

        return [new Group($operations, filters: [Rings::within($values->point('centre'), $radius, self::RINGS, $taken, $place)])];
    }
}
