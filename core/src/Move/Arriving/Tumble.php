<?php

declare(strict_types=1);

namespace Ricamo\Core\Move\Arriving;

use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Geometry\Space;
use Ricamo\Core\Move\Change;
use Ricamo\Core\Move\Move;
use Ricamo\Core\Move\Scenery;

/** Falls into place from in front of the picture, tilted, and lies down. */
final class Tumble extends Move
{
    public function name(): string
    {
        return 'tumble';
    }

    public function title(): string
    {
        return 'Tumble in';
    }

    public function leavesPlane(): bool
    {
        return true;
    }

    public function at(float $p, array $settings, Scenery $scenery): Change
    {
        $from = Scenery::direction($settings['angle']);
        $way = $scenery->outOfFrame($from) * (1 - $p);

        return Change::shifted($from->times($way))->and(
            Change::inSpace(Space::tilted(new Point(0, 0), -$settings['near'] * (1 - $p), 0, 0)->after(
                Space::swung($scenery->bounds->centre()->plus($from->times($way)), $settings['angle'], -$settings['turn'] * (1 - $p)),
            )),
        )->faded(8 * $p);
    }

    public function settings(): array
    {
        return [
            self::angle(270), self::turn(100.0), self::number('near', 'Near', 600, -100_000, 100_000, 'px', 50),
        ];
    }

    public function easing(): string
    {
        return 'quart-out';
    }

    public function seconds(): float
    {
        return 1.2;
    }
}
