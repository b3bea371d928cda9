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

/** Twice as much light for each stop, as a camera's: doubled in linear light, by the transfer function of sRGB (IEC 61966-2-1). */
final class ExposureEffect implements Effect
{
    public function name(): string
    {
        return 'exposure';
    }

    public function title(): string
    {
        return 'Exposure';
    }

    public function settings(): array
    {
        return [new PropertyDefinition('stops', new NumberType, 0.5, -10, 10, 'Stops', step: 0.1)];
    }

    public function times(): int
    {
        return 1;
    }

    public function apply(array $operations, Values $values, Place $place): array
    {
        $factor = 2 ** $values->number('stops');

        return [new Group(
            $operations, filters: [Tables::ofColours(fn (float $value): float => self::encoded($factor * self::light($value)))],
        )];
    }

    private static function light(float $value): float
    {
        return $value <= 0.04045 ? $value / 12.92 : (($value + 0.055) / 1.055) ** 2.4;
    }

    private static function encoded(float $light): float
    {
        return $light <= 0.0031308 ? 12.92 * $light : 1.055 * min(1.0, $light) ** (1 / 2.4) - 0.055;
    }
}
