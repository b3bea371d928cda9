<?php

declare(strict_types=1);

namespace Ricamo\Core\Move\Arriving;

use Ricamo\Core\Geometry\Space;
use Ricamo\Core\Move\Change;
use Ricamo\Core\Move\Move;
use Ricamo\Core\Move\Scenery;

/** Comes round as the face of a cube does that turns, whose middle lies behind it. */
final class CubeTurn extends Move
{
    public function name(): string
    {
        return 'cube-turn';
    }

    public function title(): string
    {
        return 'Cube turn';
    }

    public function leavesPlane(): bool
    {
        return true;
    }

    public function at(float $p, array $settings, Scenery $scenery): Change
    {
        $from = Scenery::direction($settings['angle']);
        $box = $scenery->bounds;
        $middle = $box->centre();
        // As deep as it is wide where it turns sideways, and as it is high where it turns over.
        $behind = (abs($from->x) * $box->width() + abs($from->y) * $box->height()) / 2;
        $away = fn (float $by): Space => Space::tilted($middle, $by, 0, 0);
        $turned = Space::swung($middle, $settings['angle'], -$settings['turn'] * (1 - $p));

        return Change::inSpace($away($behind)->after($turned)->after($away(-$behind)))->faded(8 * $p);
    }

    public function settings(): array
    {
        return [self::angle(0, 'Comes from'), self::turn(90.0)];
    }

    public function easing(): string
    {
        return 'cubic-in-out';
    }

    public function seconds(): float
    {
        return 1.0;
    }
}
