<?php

declare(strict_types=1);

namespace Ricamo\Core\Move\Filming;

use Ricamo\Core\Geometry\Space;
use Ricamo\Core\Geometry\Vector;
use Ricamo\Core\Move\Change;
use Ricamo\Core\Move\Scenery;

/** Comes around what it aims at, from the right and from above where the angles are positive. */
final class Orbit extends Filmed
{
    public function name(): string
    {
        return 'orbit';
    }

    public function title(): string
    {
        return 'Orbit';
    }

    public function at(float $p, array $settings, Scenery $scenery): Change
    {
        return Change::inSpace(Space::orbiting(
            new Vector(0, 0, $scenery->away), $settings['up'] * (1 - $p), $settings['around'] * (1 - $p),
        ));
    }

    public function settings(): array
    {
        return [self::number('around', 'Around', 40, -3600, 3600, '°', 5), self::number('up', 'Up', 12, -3600, 3600, '°', 5)];
    }
}
