<?php

declare(strict_types=1);

namespace Ricamo\Core\Patch;

use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Path;

/** A piece of a picture, in the picture's own pixels. */
final readonly class Patch
{
    /**
     * @param  Path  $path  what is seen of it
     * @param  Box  $box  around what of it lies within the picture's box
     */
    public function __construct(public Path $path, public Box $box)
    {
    }
}
