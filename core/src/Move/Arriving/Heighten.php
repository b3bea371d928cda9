<?php

declare(strict_types=1);

namespace Ricamo\Core\Move\Arriving;

use Ricamo\Core\Move\Change;
use Ricamo\Core\Move\Move;
use Ricamo\Core\Move\Scenery;

/** Grows upwards and downwards only. */
final class Heighten extends Move
{
    public function name(): string
    {
        return 'heighten';
    }

    public function title(): string
    {
        return 'Heighten';
    }

    public function at(float $p, array $settings, Scenery $scenery): Change
    {
        return Change::scaled($scenery->anchor, 1, $p);
    }
}
