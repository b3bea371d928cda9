<?php

declare(strict_types=1);

namespace Ricamo\Core\Kind;

use Ricamo\Core\Colour\Colour;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Effect\Values;
use Ricamo\Core\Kind\Shape\ShapeContent;
use Ricamo\Core\Line\EndMark;
use Ricamo\Core\Line\LineStyle;
use Ricamo\Core\Line\PlacedOutline;
use Ricamo\Core\Property\AttachedSettings;
use Ricamo\Core\Property\PropertyDefinition;
use Ricamo\Core\Property\Section;
use Ricamo\Core\Value\Type\ColourType;
use Ricamo\Core\Value\Type\NumberType;

/** The properties of whatever has an outline. */
final class Outlined
{
    /** @return list<PropertyDefinition> */
    public static function properties(Section $section): array
    {
        return [
            new PropertyDefinition('outline', new ColourType, Colour::parse('#1d2430'), title: 'Outline', section: $section),
            new PropertyDefinition('outlineWidth', new NumberType, 0.0, 0, 1000, 'Outline width', $section, 'px', isFactor: true),
            ...LineStyle::properties(),
        ];
    }

    /**
     * How far what is drawn along the edge of a layer reaches beyond it, in pixels of its own space: half of its own outline lies
     * outside, and all that is outside of its further ones.
     */
    public static function reach(Layer $layer, int|float $at): float
    {
        return max([self::ownReach($layer, $at), ...array_map(
            fn (PlacedOutline $one): float => $one->on ? $one->reach(new Values(AttachedSettings::values($one, $layer, $at))) : 0.0,
            $layer->attached->outlines,
        )]);
    }

    private static function ownReach(Layer $layer, int|float $at): float
    {
        if (! isset($layer->properties['outlineWidth']) || ! $layer->colour('outline', $at)->isVisible()) {
            return 0.0;
        }
        $width = max(0, $layer->number('outlineWidth', $at));
        $isMarked = $layer->content instanceof ShapeContent && $layer->content->ends->isMarked();

        return $isMarked ? max($width / 2, EndMark::REACH * $width * $layer->number('endSize', $at) / 100) : $width / 2;
    }
}
