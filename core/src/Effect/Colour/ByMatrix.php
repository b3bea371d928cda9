<?php

declare(strict_types=1);

namespace Ricamo\Core\Effect\Colour;

use Ricamo\Core\Display\Filter\ColourMatrix;
use Ricamo\Core\Display\Group;
use Ricamo\Core\Effect\Effect;
use Ricamo\Core\Effect\Place;
use Ricamo\Core\Effect\Values;

/** An effect that makes other colours of colours, by a matrix. */
abstract class ByMatrix implements Effect
{
    /** What red, green and blue add to brightness: Rec. ITU-R BT.709. */
    public const BRIGHTNESS = [0.2126, 0.7152, 0.0722];

    abstract protected function matrix(Values $values): ColourMatrix;

    public function times(): int
    {
        return 1;
    }

    public function apply(array $operations, Values $values, Place $place): array
    {
        return [new Group($operations, filters: [$this->matrix($values)])];
    }

    /** Each of three numbers for red, green and blue, multiplied and added to. */
    protected static function each(float $red, float $green, float $blue, float $add = 0.0): ColourMatrix
    {
        return ColourMatrix::ofColours([[$red, 0.0, 0.0, $add], [0.0, $green, 0.0, $add], [0.0, 0.0, $blue, $add]]);
    }
}
