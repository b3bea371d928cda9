<?php

declare(strict_types=1);

namespace Ricamo\Raster\Render;

use Ricamo\Core\Time\FrameRange;
use Ricamo\Raster\Draw\Surface;

/** A way to make video of a range: what this process draws, and what ffmpeg makes of it. */
interface Method
{
    /** @return list<string> the ffmpeg command, reading raw BGRA frames on standard input, without the output file */
    public function command(FrameRange $range): array;

    /** @return iterable<int, Surface> what to pipe in, one for each frame; a surface may be used again for the next */
    public function frames(FrameRange $range): iterable;
}
