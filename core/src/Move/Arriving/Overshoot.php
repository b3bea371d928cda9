<?php

declare(strict_types=1);

namespace Ricamo\Core\Move\Arriving;

use Ricamo\Core\Move\Change;
use Ricamo\Core\Move\Move;
use Ricamo\Core\Move\Scenery;

/** Grows beyond its size, and comes back to it. */
final class Overshoot extends Move
{
    public function name(): string
    {
        return 'overshoot';
    }

    public function title(): string
    {
        return 'Overshoot';
    }

    public function at(float $p, array $settings, Scenery $scenery): Change
    {
        return Change::scaled($scenery->anchor, $p, $p);
    }

    public function easing(): string
    {
        return 'back-out(2)';
    }

    public function seconds(): float
    {
        return 0.7;
    }
}
