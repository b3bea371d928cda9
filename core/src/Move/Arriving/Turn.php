<?php

declare(strict_types=1);

namespace Ricamo\Core\Move\Arriving;

use Ricamo\Core\Move\Change;
use Ricamo\Core\Move\Move;
use Ricamo\Core\Move\Scenery;

/** Turns into place about its anchor while it becomes visible. */
final class Turn extends Move
{
    public function name(): string
    {
        return 'turn';
    }

    public function title(): string
    {
        return 'Turn';
    }

    public function at(float $p, array $settings, Scenery $scenery): Change
    {
        return Change::turned($scenery->anchor, -$settings['turn'] * (1 - $p))->faded($p);
    }

    public function settings(): array
    {
        return [self::turn(90.0)];
    }
}
