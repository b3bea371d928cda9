<?php

declare(strict_types=1);

namespace Ricamo\Raster\Media;

use RuntimeException;

/** Preview frames took more room than they may. */
final class TooMuchRoom extends RuntimeException
{
}
