<?php

namespace Ricamo\Raster\Render;

use RuntimeException;

final class RenderCancelled extends RuntimeException
{
}
