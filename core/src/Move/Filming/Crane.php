<?php

declare(strict_types=1);

namespace Ricamo\Core\Move\Filming;

use Ricamo\Core\Geometry\Space;
use Ricamo\Core\Geometry\Vector;
use Ricamo\Core\Move\Change;
use Ricamo\Core\Move\Scenery;

/** Comes down from above, or up from below where that is less than nought, and keeps what it aims at in the middle. */
final class Crane extends Filmed
{
    public function name(): string
    {
        return 'crane';
    }

    public function title(): string
    {
        return 'Crane';
    }

    public function at(float $p, array $settings, Scenery $scenery): Change
    {
        $above = $settings['above'] * (1 - $p);
        $raised = Space::along(new Vector(1, 0, 0), new Vector(0, 1, 0), new Vector(0, 0, 1), new Vector(0, -$above, 0));
        // It looks down as far as it has risen.
        $down = rad2deg(atan2($above, max(1.0, $scenery->away)));

        return Change::inSpace($raised->after(Space::orbiting(new Vector(0, 0, 0), $down, 0)));
    }

    public function settings(): array
    {
        return [self::number('above', 'From above', 900, -100_000, 100_000, 'px', 50)];
    }
}
