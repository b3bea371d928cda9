<?php

declare(strict_types=1);

namespace Ricamo\Raster\Media;

/** How chroma that is stored at half size is brought to the size of luma. */
enum Chroma
{
    /** Interpolated, as it looks best when the picture is enlarged or turned. */
    case Smooth;

    /** Repeated, so that the encoder's averages give back exactly what was stored. */
    case Reversible;
}
