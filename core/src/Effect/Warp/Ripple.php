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

/** Rings that run out from a centre, as on water. */
final class Ripple implements Effect, FitsLayer
{
    /** How many rings make a wave, where there are not too many of them. */
    private const A_WAVE = 10;

    private const LEAST = 12;

    private const MOST = 64;

    public function name(): string
    {
        return 'ripple';
    }

    public function title(): string
    {
        return 'Ripple';
    }

    public function settings(): array
    {
        return [
            Setting::pixels('height', 'Height', 15, 1000),
            Setting::pixels('wavelength', 'Wavelength', 80, 5000),
            Setting::angle('phase', 'Phase', 0),
            Setting::centre(),
            Setting::pixels('radius', 'Radius', 400, 20_000),
        ];
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
        [$height, $radius] = [$values->number('height'), $values->number('radius')];
        $length = max(2.0, $values->number('wavelength'));
        if ($height < 0.01 || $radius < 1) {
            return $operations;
        }
        $phase = deg2rad($values->number('phase'));
        $count = (int) max(self::LEAST, min(self::MOST, ceil(self::A_WAVE * $radius / $length)));
        // As the phase grows, waves run outwards; at the centre and at the edge they die away.
        $taken = fn (float $part): array => [
            $part + $height / $radius * $part * (1 - $part) * 4 * sin(2 * M_PI * $part * $radius / $length - $phase), 0.0,
        ];

        return [new Group($operations, filters: [Rings::within($values->point('centre'), $radius, $count, $taken, $place)])];
    }
}
