<?php

declare(strict_types=1);

namespace Ricamo\Core\Effect\Colour;

use Ricamo\Core\Display\Filter\ColourMatrix;
use Ricamo\Core\Display\Filter\Tables;
use Ricamo\Core\Display\Group;
use Ricamo\Core\Effect\Effect;
use Ricamo\Core\Effect\Place;
use Ricamo\Core\Effect\Setting;
use Ricamo\Core\Effect\Values;

/** White where it is brighter than a level, black where it is not. */
final class Threshold implements Effect
{
    public function name(): string
    {
        return 'threshold';
    }

    public function title(): string
    {
        return 'Threshold';
    }

    public function settings(): array
    {
        return [Setting::percent('level', 'Level', 50), Setting::percent('softness', 'Softness', 0)];
    }

    public function times(): int
    {
        return 1;
    }

    public function apply(array $operations, Values $values, Place $place): array
    {
        $row = [...ByMatrix::BRIGHTNESS, 0.0];
        $step = new SoftStep($values->number('level') / 100, $values->number('softness') / 100);

        return [new Group($operations, filters: [ColourMatrix::ofColours([$row, $row, $row]), Tables::ofColours($step->at(...))])];
    }
}
