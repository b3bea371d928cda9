<?php

declare(strict_types=1);

namespace Ricamo\Core\Move\Arriving;

use Ricamo\Core\Move\Change;
use Ricamo\Core\Move\Move;
use Ricamo\Core\Move\Scenery;

/** Grows sideways only. */
final class Widen extends Move
{
    public function name(): string
    {
        return 'widen';
    }

    public function title(): string
    {
        return 'Widen';
    }

    public function at(float $p, array $settings, Scenery $scenery): Change
    {
        return Change::scaled($scenery->anchor, $p, 1);
    }
}
