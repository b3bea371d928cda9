<?php

declare(strict_types=1);

namespace Ricamo\Raster\Draw;

/** Where the painter gets the frames of clips from. */
interface Pictures
{
    /**
     * The frame as displayed, at the clip's own size or, where that is more than is needed, smaller. It is valid
     * until the next call.
     *
     * @param  float  $scale  how large it will be shown, 1 being one pixel of the clip a pixel
     */
    public function frame(string $media, int $frame, float $scale): Surface;
}
