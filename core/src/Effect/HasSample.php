<?php

declare(strict_types=1);

namespace Ricamo\Core\Effect;

use Ricamo\Core\Geometry\Box;

/** An effect that changes nothing until it is set to something: it says what to show it by. */
interface HasSample
{
    /**
     * @param  Box  $box  what the layer takes up, in its own pixels
     * @return array<string, mixed> values by the name of the setting, for those that are not as they are by default
     */
    public function sample(Box $box): array;
}
