<?php

declare(strict_types=1);

namespace Ricamo\Core\Effect\Colour;

use Ricamo\Core\Display\Filter\ColourMatrix;
use Ricamo\Core\Effect\Setting;
use Ricamo\Core\Effect\Values;

/** From one colour where it is dark to another where it is bright. */
final class Duotone extends ByMatrix
{
    public function name(): string
    {
        return 'duotone';
    }

    public function title(): string
    {
        return 'Duotone';
    }

    public function settings(): array
    {
        return [Setting::colour('dark', 'Dark', '#1d2430'), Setting::colour('bright', 'Bright', '#f3e3c3')];
    }

    protected function matrix(Values $values): ColourMatrix
    {
        [$dark, $bright] = [$values->colour('dark'), $values->colour('bright')];
        [$red, $green, $blue] = self::BRIGHTNESS;
        $row = function (int $from, int $to) use ($red, $green, $blue): array {
            $way = ($to - $from) / 255;

            return [$red * $way, $green * $way, $blue * $way, $from / 255];
        };

        return ColourMatrix::ofColours([
            $row($dark->red, $bright->red), $row($dark->green, $bright->green), $row($dark->blue, $bright->blue),
        ]);
    }
}
