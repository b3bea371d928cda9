<?php

declare(strict_types=1);

namespace Ricamo\Core\Effect\Colour;

use Ricamo\Core\Display\Filter\ColourMatrix;
use Ricamo\Core\Effect\Setting;
use Ricamo\Core\Effect\Shadow\Silhouette;
use Ricamo\Core\Effect\Values;

/** All of it in one colour. */
final class OneColour extends ByMatrix
{
    public function name(): string
    {
        return 'one-colour';
    }

    public function title(): string
    {
        return 'One colour';
    }

    public function settings(): array
    {
        return [Setting::colour('colour', 'Colour', '#c0392b')];
    }

    protected function matrix(Values $values): ColourMatrix
    {
        return Silhouette::in($values->colour('colour'));
    }
}
