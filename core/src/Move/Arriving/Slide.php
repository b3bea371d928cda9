<?php

declare(strict_types=1);

namespace Ricamo\Core\Move\Arriving;

use Ricamo\Core\Move\Change;
use Ricamo\Core\Move\Move;
use Ricamo\Core\Move\Scenery;

/** Comes in from beyond the frame: from just so far that nothing of it is seen, or from a distance of its own. */
final class Slide extends Move
{
    public function name(): string
    {
        return 'slide';
    }

    public function title(): string
    {
        return 'Slide';
    }

    public function at(float $p, array $settings, Scenery $scenery): Change
    {
        $direction = Scenery::direction($settings['angle']);
        $way = ($settings['distance'] > 0 ? $settings['distance'] : $scenery->outOfFrame($direction)) * (1 - $p);

        return Change::shifted($direction->times($way));
    }

    public function settings(): array
    {
        return [self::angle(180), self::number('distance', 'Distance', 0, 0, 100_000, 'px')];
    }
}
