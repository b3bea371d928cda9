<?php

declare(strict_types=1);

namespace Ricamo\Core\Display;

/** What a part of a mask does to those before it. */
enum MaskMode: string
{
    case Add = 'add';
    case Subtract = 'subtract';
    case Intersect = 'intersect';
    case Exclude = 'exclude';
}
