<?php

declare(strict_types=1);

namespace Ricamo\Core\Move\Arriving;

use Ricamo\Core\Move\Change;
use Ricamo\Core\Move\Move;
use Ricamo\Core\Move\Scenery;

/** Falls in from above the frame, and settles. */
final class Drop extends Move
{
    public function name(): string
    {
        return 'drop';
    }

    public function title(): string
    {
        return 'Drop';
    }

    public function at(float $p, array $settings, Scenery $scenery): Change
    {
        $direction = Scenery::direction($settings['angle']);
        $way = $scenery->outOfFrame($direction) * (1 - $p);

        return Change::shifted($direction->times($way));
    }

    public function settings(): array
    {
        return [self::angle(270)];
    }

    public function easing(): string
    {
        return 'bounce-out';
    }

    public function seconds(): float
    {
        return 1.0;
    }
}
