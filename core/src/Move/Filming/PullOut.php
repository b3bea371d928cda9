<?php

declare(strict_types=1);

namespace Ricamo\Core\Move\Filming;

use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Geometry\Space;
use Ricamo\Core\Move\Change;
use Ricamo\Core\Move\Scenery;

/** Comes from nearer; leaving, it goes nearer again. */
final class PullOut extends Filmed
{
    public function name(): string
    {
        return 'pull-out';
    }

    public function title(): string
    {
        return 'Pull out';
    }

    public function at(float $p, array $settings, Scenery $scenery): Change
    {
        $nearer = $scenery->away * (1 - 1 / $settings['times']) * (1 - $p);

        return Change::inSpace(Space::tilted(new Point(0, 0), $nearer, 0, 0));
    }

    public function settings(): array
    {
        return [self::number('times', 'Times as near', 2, 1, 100, step: 0.1)];
    }
}
