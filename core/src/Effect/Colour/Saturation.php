<?php

declare(strict_types=1);

namespace Ricamo\Core\Effect\Colour;

use Ricamo\Core\Display\Filter\ColourMatrix;
use Ricamo\Core\Effect\Setting;
use Ricamo\Core\Effect\Values;

/** Nothing is grey of the same brightness, 100 % as it was. */
final class Saturation extends ByMatrix
{
    public function name(): string
    {
        return 'saturation';
    }

    public function title(): string
    {
        return 'Saturation';
    }

    public function settings(): array
    {
        return [Setting::percent('amount', 'Amount', 50, 0, 400)];
    }

    protected function matrix(Values $values): ColourMatrix
    {
        $amount = $values->number('amount') / 100;
        [$red, $green, $blue] = self::BRIGHTNESS;
        $grey = fn (int $own): array => array_map(
            fn (int $from, float $part): float => (1 - $amount) * $part + ($from === $own ? $amount : 0.0), [0, 1, 2],
            [$red, $green, $blue],
        );

        return ColourMatrix::ofColours(array_map(fn (int $own): array => [$grey($own)[0], $grey($own)[1], $grey($own)[2], 0.0], [0, 1, 2]));
    }
}
