<?php

declare(strict_types=1);

namespace Ricamo\Raster\Render;

use RuntimeException;

final class RenderCancelled extends RuntimeException
{
}
