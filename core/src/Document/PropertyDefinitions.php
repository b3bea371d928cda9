<?php

namespace Ricamo\Core\Document;

use Ricamo\Core\Animation\ValueType;
use Ricamo\Core\Colour\Colour;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Geometry\Size;

/** Every property that a layer can have, by the layer's kind. */
final class PropertyDefinitions
{
    /** How far from the frame's corner anything may be, in pixels. */
    private const FAR = 100_000.0;

    /** @var array<string, array<string, PropertyDefinition>> */
    private static array $known = [];

    /** @return array<string, PropertyDefinition> */
    public static function of(LayerKind $kind): array
    {
        return self::$known[$kind->value] ??= array_column([
            ...self::placement(),
            ...match ($kind) {
                LayerKind::Footage => [],
                LayerKind::Shape => self::shape(),
                LayerKind::Text => self::text(),
            },
        ], null, 'name');
    }

    /** @return list<PropertyDefinition> what every layer has */
    private static function placement(): array
    {
        return [
            new PropertyDefinition('anchor', ValueType::Point, new Point(0, 0), -self::FAR, self::FAR),
            new PropertyDefinition('position', ValueType::Point, new Point(0, 0), -self::FAR, self::FAR),
            new PropertyDefinition('scale', ValueType::Point, new Point(100, 100), -10_000, 10_000),
            new PropertyDefinition('rotation', ValueType::Angle, 0.0, -1e7, 1e7),
            new PropertyDefinition('opacity', ValueType::Number, 100.0, 0, 100),
        ];
    }

    /** @return list<PropertyDefinition> */
    private static function shape(): array
    {
        return [
            new PropertyDefinition('size', ValueType::Size, new Size(480, 120), 0, self::FAR),
            new PropertyDefinition('rounding', ValueType::Number, 0.0, 0, self::FAR),
            new PropertyDefinition('fill', ValueType::Colour, Colour::parse('#2f5d50')),
            ...self::outline(),
        ];
    }

    /** @return list<PropertyDefinition> */
    private static function text(): array
    {
        return [
            new PropertyDefinition('typeSize', ValueType::Number, 72.0, 1, 4000),
            new PropertyDefinition('tracking', ValueType::Number, 0.0, -500, 5000),
            new PropertyDefinition('leading', ValueType::Number, 120.0, 10, 1000),
            new PropertyDefinition('fill', ValueType::Colour, Colour::parse('#f3e3c3')),
            ...self::outline(),
        ];
    }

    /** @return list<PropertyDefinition> */
    private static function outline(): array
    {
        return [
            new PropertyDefinition('outline', ValueType::Colour, Colour::parse('#1d2430')),
            new PropertyDefinition('outlineWidth', ValueType::Number, 0.0, 0, 1000),
        ];
    }
}
