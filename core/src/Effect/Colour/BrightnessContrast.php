<?php

declare(strict_types=1);

namespace Ricamo\Core\Effect\Colour;

use Ricamo\Core\Display\Filter\ColourMatrix;
use Ricamo\Core\Effect\Setting;
use Ricamo\Core\Effect\Values;

/** Contrast about middle grey; brightness is added. */
final class BrightnessContrast extends ByMatrix
{
    public function name(): string
    {
        return 'brightness';
    }

    public function title(): string
    {
        return 'Brightness and contrast';
    }

    public function settings(): array
    {
        return [Setting::percent('brightness', 'Brightness', 0, -100), Setting::percent('contrast', 'Contrast', 20, -100, 400)];
    }

    protected function matrix(Values $values): ColourMatrix
    {
        $contrast = 1 + $values->number('contrast') / 100;
        $add = 0.5 - 0.5 * $contrast + $values->number('brightness') / 100;

        return self::each($contrast, $contrast, $contrast, $add);
    }
}
