<?php

declare(strict_types=1);

namespace Ricamo\Core\Kind\Text;

use Ricamo\Core\Document\Layer;
use Ricamo\Core\Property\PropertyDefinition;
use Ricamo\Core\Property\Section;
use Ricamo\Core\Value\Type\NumberType;

/** The axes of variable fonts as properties: the registered ones of the OpenType standard. */
final class FontAxes
{
    private const STEP = 5.0;

    /** By the name of the property: the tag, the title, and between which values it lies; at nought it is as the font has it. */
    private const AXES = [
        'axisWeight' => ['wght', 'Weight', 0, 1000], 'axisWidth' => ['wdth', 'Width', 0, 1000],
        'axisSlant' => ['slnt', 'Slant', -90, 90], 'axisOptical' => ['opsz', 'Optical size', 0, 1000],
    ];

    /** @return list<PropertyDefinition> */
    public static function properties(): array
    {
        return array_map(fn (string $name, array $axis): PropertyDefinition => new PropertyDefinition(
            $name, new NumberType, 0.0, $axis[2], $axis[3], $axis[1], Section::VariableFont, rare: true,
        ), array_keys(self::AXES), self::AXES);
    }

    /** @return array<string, float> by their tags, to a whole number each; without those that are as the font has them */
    public static function of(Layer $layer, int|float $at): array
    {
        $axes = [];
        foreach (self::AXES as $name => [$tag]) {
            $value = round($layer->number($name, $at));
            if ($value !== 0.0) {
                $axes[$tag] = $value;
            }
        }

        return $axes;
    }

    /**
     * A copy that is heavier by an amount, in steps too small to be seen.
     *
     * @param  array<string, float>  $axes
     * @param  float  $resting  the font's own weight
     * @return array<string, float>
     */
    public static function heavier(array $axes, float $by, float $resting): array
    {
        return [...$axes, 'wght' => max(1.0, min(1000.0, self::STEP * round((($axes['wght'] ?? $resting) + $by) / self::STEP)))];
    }

    /** @return array<string, string> the name of the property of each axis, by its tag */
    public static function names(): array
    {
        return array_flip(array_map(fn (array $axis): string => $axis[0], self::AXES));
    }
}
