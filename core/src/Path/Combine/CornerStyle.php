<?php

declare(strict_types=1);

namespace Ricamo\Core\Path\Combine;

/** What becomes of corners that open as an edge is moved. */
enum CornerStyle: string
{
    case Round = 'round';
    case Sharp = 'sharp';
}
