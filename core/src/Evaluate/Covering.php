<?php

declare(strict_types=1);

namespace Ricamo\Core\Evaluate;

use Ricamo\Core\Display\DisplayList;

/** Tells how much of a frame is covered. Implemented where frames can be drawn, too. */
interface Covering
{
    /** @return float 1 where nothing can be seen through it, else about how much of it is covered, from 0 */
    public function share(DisplayList $list): float;
}
