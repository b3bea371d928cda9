<?php

declare(strict_types=1);

namespace Ricamo\Raster\Render\Format;

use Ricamo\Core\Time\FrameRate;
use Ricamo\Raster\Render\VideoFormat;

/** Pieces whose every frame is a PNG: nothing of the picture is lost in them, and what they become is up to the format. */
abstract class Intermediate extends Format
{
    public function encoder(FrameRate $rate, Quality $quality): array
    {
        // The fastest of its compressions: twice as fast as the usual one, and hardly larger.
        return ['-c:v', 'png', '-pix_fmt', 'rgba', '-compression_level', '1', '-pred', 'up', ...VideoFormat::times($rate)];
    }
}
