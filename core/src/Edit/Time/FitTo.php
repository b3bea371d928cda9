<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Time;

/** What layers are made as long as. */
enum FitTo: string
{
    case Beneath = 'beneath';
    case Composition = 'composition';
    case Content = 'content';
    case First = 'first';
    case Last = 'last';

    public function needsFrame(): bool
    {
        return $this === self::First || $this === self::Last;
    }
}
