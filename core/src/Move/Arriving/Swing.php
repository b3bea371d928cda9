<?php

declare(strict_types=1);

namespace Ricamo\Core\Move\Arriving;

use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Move\Change;
use Ricamo\Core\Move\Move;
use Ricamo\Core\Move\Scenery;

/** Swings in about one of its edges, as a sign that hangs there. */
final class Swing extends Move
{
    public function name(): string
    {
        return 'swing';
    }

    public function title(): string
    {
        return 'Swing';
    }

    public function at(float $p, array $settings, Scenery $scenery): Change
    {
        $box = $scenery->bounds;
        $edge = Scenery::direction($settings['angle']);
        $hinge = new Point($box->centre()->x + $edge->x * $box->width() / 2, $box->centre()->y + $edge->y * $box->height() / 2);

        return Change::turned($hinge, $settings['turn'] * (1 - $p))->faded(4 * $p);
    }

    public function settings(): array
    {
        return [self::angle(270, 'Hangs at'), self::turn(80.0)];
    }

    public function easing(): string
    {
        return 'elastic-out(1, 0.5)';
    }

    public function seconds(): float
    {
        return 1.4;
    }
}
