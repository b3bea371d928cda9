<?php

declare(strict_types=1);

namespace Ricamo\Core\Move\Staying;

use Ricamo\Core\Move\Accent;
use Ricamo\Core\Move\Change;
use Ricamo\Core\Move\Scenery;

/** Turns a little to either side, less and less. */
final class Nod extends Accent
{
    public function name(): string
    {
        return 'nod';
    }

    public function title(): string
    {
        return 'Nod';
    }

    public function at(float $t, float $frames, array $settings, Scenery $scenery): Change
    {
        $turn = $settings['turn'] * sin(2 * M_PI * $t * max(1, round($settings['times']))) * (1 - $t);

        return Change::turned($scenery->anchor, $turn);
    }

    public function settings(): array
    {
        return [self::turn(8), self::number('times', 'Times', 2, 1, 100)];
    }
}
