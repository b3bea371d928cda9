<?php

declare(strict_types=1);

namespace Ricamo\Core\Move\Filming;

use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Geometry\Space;
use Ricamo\Core\Move\Change;
use Ricamo\Core\Move\Scenery;

/** Comes from so many times as far with a lens as many times as long: what it aims at keeps its size while the space around it opens up. */
final class DollyZoom extends Filmed
{
    public function name(): string
    {
        return 'dolly-zoom';
    }

    public function title(): string
    {
        return 'Dolly zoom';
    }

    public function at(float $p, array $settings, Scenery $scenery): Change
    {
        $back = $scenery->away * ($this->lens($p, $settings) - 1);

        return Change::inSpace(Space::tilted(new Point(0, 0), -$back, 0, 0));
    }

    public function lens(float $p, array $settings): float
    {
        return $settings['times'] ** (1 - $p);
    }

    public function settings(): array
    {
        return [self::number('times', 'Times as far', 2.5, 0.1, 100, step: 0.1)];
    }
}
