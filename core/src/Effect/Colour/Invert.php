<?php

declare(strict_types=1);

namespace Ricamo\Core\Effect\Colour;

use Ricamo\Core\Display\Filter\ColourMatrix;
use Ricamo\Core\Effect\Setting;
use Ricamo\Core\Effect\Values;

final class Invert extends ByMatrix
{
    public function name(): string
    {
        return 'invert';
    }

    public function title(): string
    {
        return 'Invert';
    }

    public function settings(): array
    {
        return [Setting::percent('amount', 'Amount', 100)];
    }

    protected function matrix(Values $values): ColourMatrix
    {
        $amount = $values->number('amount') / 100;

        return self::each(1 - 2 * $amount, 1 - 2 * $amount, 1 - 2 * $amount, $amount);
    }
}
