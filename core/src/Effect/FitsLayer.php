<?php

declare(strict_types=1);

namespace Ricamo\Core\Effect;

use Ricamo\Core\Geometry\Box;

/** An effect that begins with values that suit the layer it is given to: a centre in its middle, a radius of its size. */
interface FitsLayer
{
    /**
     * @param  Box  $box  what the layer takes up, in its own pixels
     * @return array<string, mixed> values by the name of the setting
     */
    public function fitted(Box $box): array;
}
