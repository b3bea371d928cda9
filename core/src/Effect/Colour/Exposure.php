<?php

namespace Ricamo\Core\Effect\Colour;

use Ricamo\Core\Display\Filter\ColourMatrix;
use Ricamo\Core\Document\PropertyDefinition;
use Ricamo\Core\Effect\Values;
use Ricamo\Core\Value\Type\NumberType;

/** Twice as bright for each stop. */
final class Exposure extends Recolouring
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

    protected function matrix(Values $values): ColourMatrix
    {
        $factor = 2 ** $values->number('stops');

        return self::each($factor, $factor, $factor);
    }
}
