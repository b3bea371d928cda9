<?php

declare(strict_types=1);

namespace Ricamo\Raster\Render\Format;

/** How the pieces of a render become its file. */
enum Joining
{
    /** One after the other, as they were encoded. */
    case Copied;

    /** Decoded, and encoded again as a whole. */
    case Anew;

    /** Every frame a picture of its own, all together in a ZIP. */
    case Pictures;

    /** The only frame. */
    case Picture;

    /** There are no pieces: only sound. */
    case Sound;
}
