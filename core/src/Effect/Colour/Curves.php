<?php

declare(strict_types=1);

namespace Ricamo\Core\Effect\Colour;

use Ricamo\Core\Display\Filter\Tables;
use Ricamo\Core\Display\Group;
use Ricamo\Core\Effect\Effect;
use Ricamo\Core\Effect\HasSample;
use Ricamo\Core\Effect\Place;
use Ricamo\Core\Effect\Setting;
use Ricamo\Core\Effect\Values;
use Ricamo\Core\Geometry\Box;

/**
 * A curve from dark to bright through five points, never turning back between two of them: monotone as Fritsch and Carlson (1980)
 * have it.
 */
final class Curves implements Effect, HasSample
{
    public function name(): string
    {
        return 'curves';
    }

    public function title(): string
    {
        return 'Curves';
    }

    public function settings(): array
    {
        return [
            Setting::percent('dark', 'Dark', 0),
            Setting::percent('shadows', 'Shadows', 25),
            Setting::percent('middle', 'Middle', 50),
            Setting::percent('lights', 'Lights', 75),
            Setting::percent('bright', 'Bright', 100),
        ];
    }

    public function sample(Box $box): array
    {
        return ['shadows' => 15.0, 'lights' => 88.0];
    }

    public function times(): int
    {
        return 1;
    }

    public function apply(array $operations, Values $values, Place $place): array
    {
        $points = array_map(fn (string $name): float => $values->number($name) / 100, ['dark', 'shadows', 'middle', 'lights', 'bright']);
        $curve = new MonotoneCurve($points);

        return [new Group($operations, filters: [Tables::ofColours($curve->at(...))])];
    }
}
