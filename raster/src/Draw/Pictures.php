<?php

namespace Ricamo\Raster\Draw;

/** Where the painter gets the frames of clips from. */
interface Pictures
{
    /** The frame as displayed, opaque, at the clip's own size. It is valid until the next call for the same media. */
    public function frame(string $media, int $frame): Surface;
}
