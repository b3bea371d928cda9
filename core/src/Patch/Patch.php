<?php

declare(strict_types=1);

namespace Ricamo\Core\Patch;

use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Path;

/** A piece of a picture, in the picture's own pixels. */
final readonly class Patch
{
    /** @param  Path  $path  what is seen of it */
    public function __construct(public Path $path, public Box $box)
    {
    }
}
