<?php

declare(strict_types=1);

namespace Ricamo\Core\Move\Filming;

use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Geometry\Space;
use Ricamo\Core\Move\Change;
use Ricamo\Core\Move\Scenery;

/** Comes from farther away; leaving, it goes back. */
final class PushIn extends Filmed
{
    public function name(): string
    {
        return 'push-in';
    }

    public function title(): string
    {
        return 'Push in';
    }

    public function at(float $p, array $settings, Scenery $scenery): Change
    {
        $back = $scenery->away * ($settings['times'] - 1) * (1 - $p);

        return Change::inSpace(Space::tilted(new Point(0, 0), -$back, 0, 0));
    }

    public function settings(): array
    {
        return [self::number('times', 'Times as far', 1.6, 0.1, 100, step: 0.1)];
    }
}
