<?php

declare(strict_types=1);

namespace Ricamo\Core\Move\Arriving;

use Ricamo\Core\Move\Change;
use Ricamo\Core\Move\Move;
use Ricamo\Core\Move\Scenery;

/** Comes the last bit of its way while it becomes visible. */
final class Drift extends Move
{
    public function name(): string
    {
        return 'drift';
    }

    public function title(): string
    {
        return 'Drift';
    }

    public function at(float $p, array $settings, Scenery $scenery): Change
    {
        $direction = Scenery::direction($settings['angle']);
        $way = $settings['distance'] * (1 - $p);

        return Change::shifted($direction->times($way))->faded($p);
    }

    public function settings(): array
    {
        return [self::angle(90), self::number('distance', 'Distance', 90, 0, 100_000, 'px')];
    }
}
