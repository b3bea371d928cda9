<?php

declare(strict_types=1);

namespace Ricamo\Core\Move\Arriving;

use Ricamo\Core\Move\Change;
use Ricamo\Core\Move\Leaves;
use Ricamo\Core\Move\Move;
use Ricamo\Core\Move\Scenery;

/** Comes over as a page does that is turned: hanging at one edge, and bent, as what is farther from that comes last. */
final class PageTurn extends Move
{
    private const STRIPS = 16;

    public function name(): string
    {
        return 'page-turn';
    }

    public function title(): string
    {
        return 'Page turn';
    }

    public function leavesPlane(): bool
    {
        return true;
    }

    public function at(float $p, array $settings, Scenery $scenery): Change
    {
        $turned = $settings['turn'] * (1 - $p);
        $bent = $settings['bend'] * sin(M_PI * max(0.0, min(1.0, $p)));
        $angles = [];
        for ($strip = 0; $strip < self::STRIPS; $strip++) {
            $angles[] = $turned + $bent * (($strip + 0.5) / self::STRIPS - 0.5);
        }

        return Change::inParts(Leaves::hanging($scenery->bounds, $settings['angle'], $angles))->faded(8 * $p);
    }

    public function settings(): array
    {
        return [self::angle(180, 'Hangs at'), self::turn(150.0), self::number('bend', 'Bend', 90, 0, 360, '°', 5)];
    }

    public function easing(): string
    {
        return 'cubic-in-out';
    }

    public function seconds(): float
    {
        return 1.2;
    }
}
