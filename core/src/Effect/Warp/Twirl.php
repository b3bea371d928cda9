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

/** Turned the more, the closer to a centre. */
final class Twirl implements Effect, FitsLayer
{
    private const RINGS = 32;

    public function name(): string
    {
        return 'twirl';
    }

    public function title(): string
    {
        return 'Twirl';
    }

    public function settings(): array
    {
        return [Setting::angle('angle', 'Angle', 90), Setting::centre(), Setting::pixels('radius', 'Radius', 300, 20_000)];
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
        $angle = deg2rad($values->number('angle'));
        $radius = $values->number('radius');
        if (abs($angle) < 1e-4 || $radius < 1) {
            return $operations;
        }
        // Turned clockwise is taken from the other way.
        $taken = fn (float $part): array => [$part, -$angle * (1 - $part ** 2) ** 2];

        return [new Group($operations, filters: [Rings::within($values->point('centre'), $radius, self::RINGS, $taken, $place)])];
    }
}
