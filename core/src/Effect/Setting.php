<?php

declare(strict_types=1);

namespace Ricamo\Core\Effect;

use Ricamo\Core\Colour\Colour;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Property\PropertyDefinition;
use Ricamo\Core\Value\Type\AngleType;
use Ricamo\Core\Value\Type\ColourType;
use Ricamo\Core\Value\Type\NumberType;
use Ricamo\Core\Value\Type\PointType;

/** The usual settings of effects. */
final class Setting
{
    public static function pixels(string $name, string $title, float $default, float $most): PropertyDefinition
    {
        return new PropertyDefinition($name, new NumberType, $default, 0, $most, $title, unit: 'px', isFactor: true);
    }

    public static function percent(string $name, string $title, float $default, float $least = 0, float $most = 100): PropertyDefinition
    {
        return new PropertyDefinition($name, new NumberType, $default, $least, $most, $title, unit: '%');
    }

    /** A whole number. */
    public static function count(
        string $name,
        string $title,
        float $default,
        float $least,
        float $most,
        string $unit = '',
    ): PropertyDefinition {
        return new PropertyDefinition($name, new NumberType, $default, $least, $most, $title, unit: $unit);
    }

    public static function angle(string $name, string $title, float $default): PropertyDefinition
    {
        return new PropertyDefinition($name, new AngleType, $default, -1e5, 1e5, $title, unit: '°');
    }

    public static function colour(string $name, string $title, string $default): PropertyDefinition
    {
        return new PropertyDefinition($name, new ColourType, Colour::parse($default), title: $title);
    }

    /** A point of the layer, counted from its origin. */
    public static function centre(): PropertyDefinition
    {
        return self::point('centre', 'Centre');
    }

    /** In the layer's own pixels. */
    public static function point(string $name, string $title): PropertyDefinition
    {
        return new PropertyDefinition($name, new PointType, new Point(0, 0), -100_000, 100_000, $title, unit: 'px');
    }
}
