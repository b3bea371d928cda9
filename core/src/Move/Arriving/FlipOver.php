<?php

declare(strict_types=1);

namespace Ricamo\Core\Move\Arriving;

use Ricamo\Core\Geometry\Space;
use Ricamo\Core\Move\Change;
use Ricamo\Core\Move\Move;
use Ricamo\Core\Move\Scenery;

/** Turns over about its middle, as a card does. */
final class FlipOver extends Move
{
    public function name(): string
    {
        return 'flip-over';
    }

    public function title(): string
    {
        return 'Flip over';
    }

    public function leavesPlane(): bool
    {
        return true;
    }

    public function at(float $p, array $settings, Scenery $scenery): Change
    {
        return Change::inSpace(Space::swung($scenery->bounds->centre(), $settings['angle'], $settings['turn'] * (1 - $p)))->faded(4 * $p);
    }

    public function settings(): array
    {
        return [self::angle(90, 'Near edge'), self::turn(90.0)];
    }

    public function easing(): string
    {
        return 'cubic-out';
    }

    public function seconds(): float
    {
        return 0.7;
    }
}
