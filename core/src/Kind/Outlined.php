<?php

namespace Ricamo\Core\Kind;

use Ricamo\Core\Colour\Colour;
use Ricamo\Core\Document\PropertyDefinition;
use Ricamo\Core\Line\LineStyle;
use Ricamo\Core\Value\Type\ColourType;
use Ricamo\Core\Value\Type\NumberType;

/** The properties of whatever has an outline. */
final class Outlined
{
    /** @return list<PropertyDefinition> */
    public static function properties(string $section): array
    {
        return [
            new PropertyDefinition('outline', new ColourType, Colour::parse('#1d2430'), title: 'Outline', section: $section),
            new PropertyDefinition('outlineWidth', new NumberType, 0.0, 0, 1000, 'Outline width', $section, 'px'),
            ...LineStyle::properties('Line'),
        ];
    }
}
