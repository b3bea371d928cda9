<?php

declare(strict_types=1);

namespace Ricamo\Core\Effect\Colour;

use Ricamo\Core\Display\Filter\ColourMatrix;
use Ricamo\Core\Effect\Setting;
use Ricamo\Core\Effect\Values;

final class Hue extends ByMatrix
{
    public function name(): string
    {
        return 'hue';
    }

    public function title(): string
    {
        return 'Hue';
    }

    public function settings(): array
    {
        return [Setting::angle('turn', 'Turn', 60)];
    }

    protected function matrix(Values $values): ColourMatrix
    {
        // The matrix of hueRotate in Filter Effects Module Level 1.
        [$cos, $sin] = [cos(deg2rad($values->number('turn'))), sin(deg2rad($values->number('turn')))];

        return ColourMatrix::ofColours([
            [0.213 + $cos * 0.787 - $sin * 0.213, 0.715 - $cos * 0.715 - $sin * 0.715, 0.072 - $cos * 0.072 + $sin * 0.928, 0.0],
            [0.213 - $cos * 0.213 + $sin * 0.143, 0.715 + $cos * 0.285 + $sin * 0.140, 0.072 - $cos * 0.072 - $sin * 0.283, 0.0],
            [0.213 - $cos * 0.213 - $sin * 0.787, 0.715 - $cos * 0.715 + $sin * 0.715, 0.072 + $cos * 0.928 + $sin * 0.072, 0.0],
        ]);
    }
}
