<?php

declare(strict_types=1);

namespace Ricamo\Core\Display;

enum Join: string
{
    case Miter = 'miter';
    case Round = 'round';
    case Bevel = 'bevel';
}
