<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Evaluate;

use Ricamo\Core\Display\Filter\Lit;
use Ricamo\Core\Display\Group;
use Ricamo\Core\Display\Operation;

/** What falls of lights on what is drawn. */
trait FallingLight
{
    /** @return list<Operation> the light that is the same all over first, then each of the others; none for what is not lit by pictures */
    private static function falling(Operation $operation): array
    {
        $lit = $operation instanceof Group ? $operation->filters[0] ?? null : null;

        return match (true) {
            $lit instanceof Lit => $lit->operations(),
            $operation instanceof Group && $operation->clip !== null => $operation->operations,
            default => [],
        };
    }
}
