<?php

declare(strict_types=1);

namespace Ricamo\Raster\Render\Format;

/** What formats are looked for under. */
enum Purpose: string
{
    case Video = 'A video';
    case Alpha = 'With alpha';
    case Loop = 'Pictures that move';
    case Else = 'Something else';
}
