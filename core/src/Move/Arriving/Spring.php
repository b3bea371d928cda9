<?php

declare(strict_types=1);

namespace Ricamo\Core\Move\Arriving;

use Ricamo\Core\Move\Change;
use Ricamo\Core\Move\Move;
use Ricamo\Core\Move\Scenery;

/** Grows, and swings until it has come to rest. */
final class Spring extends Move
{
    public function name(): string
    {
        return 'spring';
    }

    public function title(): string
    {
        return 'Spring';
    }

    public function at(float $p, array $settings, Scenery $scenery): Change
    {
        return Change::scaled($scenery->anchor, $p, $p);
    }

    public function easing(): string
    {
        return 'elastic-out';
    }

    public function seconds(): float
    {
        return 1.2;
    }
}
