<?php

declare(strict_types=1);

namespace Ricamo\Raster\Render;

/** How the frames of a render are drawn: all in one way, because two ways differ in colours that RGB cannot hold. */
enum Way: string
{
    /** The graphics only, over a clip that ffmpeg decodes; whole frames where that fails. */
    case Overlay = 'overlay';

    case WholeFrames = 'whole';
}
