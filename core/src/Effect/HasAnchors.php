<?php

declare(strict_types=1);

namespace Ricamo\Core\Effect;

use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Point;

/** An effect that pulls at points of a layer: what its settings hold is how far each of them was pulled from its place. */
interface HasAnchors
{
    /**
     * @return array<string, Point> by the name of the setting, where that place is in the layer's box: (0, 0) its top left
     *     corner, (1, 1) its bottom right one
     */
    public function anchors(): array;

    /** Whether a layer can be seen so. @param  Box  $box  what it takes up, in its own pixels */
    public function allows(Values $values, Box $box): bool;
}
