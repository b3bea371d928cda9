<?php

declare(strict_types=1);

namespace Ricamo\Core\Evaluate;

use Ricamo\Core\Display\Coverage;
use Ricamo\Core\Display\DisplayList;

/** By outlines alone: what might be transparent somewhere covers nothing. */
final readonly class CertainCovering implements Covering
{
    public function share(DisplayList $list): float
    {
        return Coverage::of($list);
    }
}
