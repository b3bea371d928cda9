<?php

declare(strict_types=1);

namespace Ricamo\Core\Move\Arriving;

use Ricamo\Core\Effect\Blur\Doubling;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Move\Change;
use Ricamo\Core\Move\Move;
use Ricamo\Core\Move\Scenery;

/** Rushes up, blurred along its way, and is there. */
final class Streak extends Move
{
    public function name(): string
    {
        return 'streak';
    }

    public function title(): string
    {
        return 'Streak';
    }

    public function settings(): array
    {
        return [self::angle(180), self::number('length', 'Length', 400, 0, 2000, 'px')];
    }

    public function at(float $p, array $settings, Scenery $scenery): Change
    {
        $way = $settings['length'] * max(0.0, 1 - $p);
        $to = deg2rad($settings['angle']);
        $along = new Point($way * cos($to), $way * sin($to));
        $change = Change::shifted($along->times(1 / 2))->faded(2 * $p);

        return $way < 0.5 ? $change : $change->filtered(...Doubling::along($along));
    }
}
