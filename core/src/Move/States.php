<?php

declare(strict_types=1);

namespace Ricamo\Core\Move;

use Ricamo\Core\Property\PropertyDefinition;
use Ricamo\Core\Value\Type\AngleType;
use Ricamo\Core\Value\Type\NumberType;

/** How moves and accents state what can be set of them. */
trait States
{
    /** Degrees clockwise from the right: where it comes from, and on leaving goes to. */
    protected static function angle(float $default, string $title = 'From'): PropertyDefinition
    {
        return new PropertyDefinition('angle', new AngleType, $default, -3600, 3600, $title, unit: '°', step: 15);
    }

    /** Degrees, clockwise: by how much. */
    protected static function turn(float $default): PropertyDefinition
    {
        return new PropertyDefinition('turn', new AngleType, $default, -36_000, 36_000, 'By', unit: '°', step: 15);
    }

    protected static function number(
        string $name,
        string $title,
        float $default,
        float $least,
        float $most,
        string $unit = '',
        float $step = 1,
    ): PropertyDefinition {
        return new PropertyDefinition($name, new NumberType, $default, $least, $most, $title, unit: $unit, step: $step);
    }
}
