<?php

declare(strict_types=1);

namespace Ricamo\Core\Kind;

use Ricamo\Core\Cascade\Units;
use Ricamo\Core\Document\Layer;

/** Content that does not always consist of what cascades could be spread over. */
interface SpreadsOver
{
    /** @return list<Units> those that there are on a frame */
    public function units(Layer $layer, int $frame): array;
}
