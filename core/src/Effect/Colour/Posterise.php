<?php

declare(strict_types=1);

namespace Ricamo\Core\Effect\Colour;

use Ricamo\Core\Display\Filter\Tables;
use Ricamo\Core\Display\Group;
use Ricamo\Core\Effect\Effect;
use Ricamo\Core\Effect\Place;
use Ricamo\Core\Effect\Values;
use Ricamo\Core\Property\PropertyDefinition;
use Ricamo\Core\Value\Type\NumberType;

/** As many tones of each colour as there are steps. */
final class Posterise implements Effect
{
    public function name(): string
    {
        return 'posterise';
    }

    public function title(): string
    {
        return 'Posterise';
    }

    public function settings(): array
    {
        return [new PropertyDefinition('steps', new NumberType, 5.0, 2, 64, 'Steps')];
    }

    public function times(): int
    {
        return 1;
    }

    public function apply(array $operations, Values $values, Place $place): array
    {
        $steps = max(1, round($values->number('steps')) - 1);

        return [new Group($operations, filters: [Tables::ofColours(fn (float $value): float => round($value * $steps) / $steps)])];
    }
}
