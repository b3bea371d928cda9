<?php

declare(strict_types=1);

namespace Ricamo\Core\Display;

/** How a line ends. */
enum Cap: string
{
    case Butt = 'butt';
    case Round = 'round';
    case Square = 'square';

    public function title(): string
    {
        return $this === self::Butt ? 'Flat' : ucfirst($this->value);
    }
}
