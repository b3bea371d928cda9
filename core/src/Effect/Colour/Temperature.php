<?php

declare(strict_types=1);

namespace Ricamo\Core\Effect\Colour;

use Ricamo\Core\Display\Filter\ColourMatrix;
use Ricamo\Core\Effect\Setting;
use Ricamo\Core\Effect\Values;

/** Warmer to the right, cooler to the left. */
final class Temperature extends ByMatrix
{
    public function name(): string
    {
        return 'temperature';
    }

    public function title(): string
    {
        return 'Temperature';
    }

    public function settings(): array
    {
        return [Setting::percent('warmth', 'Warmth', 30, -100)];
    }

    protected function matrix(Values $values): ColourMatrix
    {
        $warmth = $values->number('warmth') / 100;

        return self::each(1 + 0.25 * $warmth, 1 + 0.04 * $warmth, 1 - 0.25 * $warmth);
    }
}
