<?php

declare(strict_types=1);

namespace Ricamo\Core\Move\Arriving;

use Ricamo\Core\Move\Change;
use Ricamo\Core\Move\Move;
use Ricamo\Core\Move\Scenery;

/** Grows out of nothing while it spins. */
final class SpinIn extends Move
{
    public function name(): string
    {
        return 'spin-in';
    }

    public function title(): string
    {
        return 'Spin in';
    }

    public function at(float $p, array $settings, Scenery $scenery): Change
    {
        return Change::scaled($scenery->anchor, $p, $p)->and(Change::turned($scenery->anchor, -$settings['turn'] * (1 - $p)));
    }

    public function settings(): array
    {
        return [self::turn(360.0)];
    }

    public function seconds(): float
    {
        return 0.8;
    }
}
