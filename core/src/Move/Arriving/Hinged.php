<?php

declare(strict_types=1);

namespace Ricamo\Core\Move\Arriving;

use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Geometry\Space;
use Ricamo\Core\Move\Change;
use Ricamo\Core\Move\Move;
use Ricamo\Core\Move\Scenery;

/** Swings in about one of its edges, as a door does. */
final class Hinged extends Move
{
    public function name(): string
    {
        return 'hinged';
    }

    public function title(): string
    {
        return 'Hinged';
    }

    public function leavesPlane(): bool
    {
        return true;
    }

    public function at(float $p, array $settings, Scenery $scenery): Change
    {
        $edge = Scenery::direction($settings['angle']);
        $box = $scenery->bounds;
        $hinge = new Point($box->centre()->x + $edge->x * $box->width() / 2, $box->centre()->y + $edge->y * $box->height() / 2);

        return Change::inSpace(Space::swung($hinge, $settings['angle'], $settings['turn'] * (1 - $p)))->faded(4 * $p);
    }

    public function settings(): array
    {
        return [self::angle(180, 'Hangs at'), self::turn(90.0)];
    }

    public function easing(): string
    {
        return 'back-out';
    }

    public function seconds(): float
    {
        return 1.0;
    }
}
