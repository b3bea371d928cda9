<?php

declare(strict_types=1);

namespace Ricamo\Core\Effect\Colour;

use Ricamo\Core\Display\Filter\ColourMatrix;
use Ricamo\Core\Effect\Setting;
use Ricamo\Core\Effect\Values;

/** Brightness in shades of one colour, mixed with what was there. */
final class Tint extends ByMatrix
{
    public function name(): string
    {
        return 'tint';
    }

    public function title(): string
    {
        return 'Tint';
    }

    public function settings(): array
    {
        return [Setting::colour('colour', 'Colour', '#c9973f'), Setting::percent('amount', 'Amount', 50)];
    }

    protected function matrix(Values $values): ColourMatrix
    {
        $colour = $values->colour('colour');
        $amount = $values->number('amount') / 100;
        [$red, $green, $blue] = self::BRIGHTNESS;
        $row = fn (int $own, float $to): array => array_map(
            fn (int $from, float $part): float => $amount * $part * $to + ($from === $own ? 1 - $amount : 0.0),
            [0, 1, 2],
            [$red, $green, $blue],
        );
        $rows = array_map($row, [0, 1, 2], [$colour->red / 255, $colour->green / 255, $colour->blue / 255]);

        return ColourMatrix::ofColours(array_map(fn (array $one): array => [$one[0], $one[1], $one[2], 0.0], $rows));
    }
}
