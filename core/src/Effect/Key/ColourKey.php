<?php

declare(strict_types=1);

namespace Ricamo\Core\Effect\Key;

use Ricamo\Core\Display\Filter\ColourMatrix;
use Ricamo\Core\Display\Filter\Tables;
use Ricamo\Core\Display\Group;
use Ricamo\Core\Display\MaskPart;
use Ricamo\Core\Effect\Colour\ByMatrix;
use Ricamo\Core\Effect\Colour\SoftStep;
use Ricamo\Core\Effect\Effect;
use Ricamo\Core\Effect\Place;
use Ricamo\Core\Effect\Setting;
use Ricamo\Core\Effect\Values;

/** Takes a colour away, and what is as far from grey in its direction. Green or blue that is lit evenly is what it is for. */
final class ColourKey implements Effect
{
    public function name(): string
    {
        return 'colour-key';
    }

    public function title(): string
    {
        return 'Colour key';
    }

    public function settings(): array
    {
        return [
            Setting::colour('colour', 'Colour', '#2fb34a'),
            Setting::percent('tolerance', 'Tolerance', 60),
            Setting::percent('softness', 'Softness', 25),
        ];
    }

    public function times(): int
    {
        return 2;
    }

    public function apply(array $operations, Values $values, Place $place): array
    {
        $colour = $values->colour('colour');
        $rgb = [$colour->red / 255, $colour->green / 255, $colour->blue / 255];
        $grey = array_sum(array_map(fn (float $share, float $value): float => $share * $value, ByMatrix::BRIGHTNESS, $rgb));
        $chroma = array_map(fn (float $value): float => $value - $grey, $rgb);
        $square = array_sum(array_map(fn (float $value): float => $value ** 2, $chroma));
        if ($square < 1e-4) {
            return $operations;
        }
        // How far a colour lies from grey in the direction of the key: 1 for the key itself, 0 for any grey.
        $row = [];
        foreach ($chroma as $index => $value) {
            $row[] = ($value - ByMatrix::BRIGHTNESS[$index] * array_sum($chroma)) / $square / 2;
        }
        $step = new SoftStep(1 - $values->number('tolerance') / 100 / 2, $values->number('softness') / 100 / 2);
        $near = new ColourMatrix([...array_fill(0, 15, 0.0), ...$row, 0.0, 0.5]);

        return [new Group(
            $operations,
            masks: [new MaskPart([new Group(
                $operations, filters: [$near, Tables::ofAlpha(fn (float $value): float => 1 - $step->at($value))],
            )])],
        )];
    }
}
