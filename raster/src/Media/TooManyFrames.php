<?php

declare(strict_types=1);

namespace Ricamo\Raster\Media;

use Ricamo\Core\Refusal;

/** A file that has more frames than any clip. */
final class TooManyFrames extends Refusal
{
}
