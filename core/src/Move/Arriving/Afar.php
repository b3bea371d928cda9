<?php

declare(strict_types=1);

namespace Ricamo\Core\Move\Arriving;

use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Geometry\Space;
use Ricamo\Core\Move\Change;
use Ricamo\Core\Move\Move;
use Ricamo\Core\Move\Scenery;

/** Comes from far away, or from in front of the picture where that is less than nought. */
final class Afar extends Move
{
    public function name(): string
    {
        return 'afar';
    }

    public function title(): string
    {
        return 'From afar';
    }

    public function leavesPlane(): bool
    {
        return true;
    }

    public function at(float $p, array $settings, Scenery $scenery): Change
    {
        return Change::inSpace(Space::tilted(new Point(0, 0), $settings['away'] * (1 - $p), 0, 0))->faded(2 * $p);
    }

    public function settings(): array
    {
        return [self::number('away', 'Away', 4000, -100_000, 100_000, 'px', 100)];
    }

    public function easing(): string
    {
        return 'cubic-out';
    }

    public function seconds(): float
    {
        return 1.0;
    }
}
