<?php

declare(strict_types=1);

namespace Ricamo\Core\Move\Arriving;

use Ricamo\Core\Move\Change;
use Ricamo\Core\Move\Move;
use Ricamo\Core\Move\Scenery;

/** Grows about its anchor. */
final class Grow extends Move
{
    public function name(): string
    {
        return 'grow';
    }

    public function title(): string
    {
        return 'Grow';
    }

    public function at(float $p, array $settings, Scenery $scenery): Change
    {
        $size = $settings['begin'] / 100 + (1 - $settings['begin'] / 100) * $p;

        return Change::scaled($scenery->anchor, $size, $size);
    }

    public function settings(): array
    {
        return [self::number('begin', 'Begins at', 0, 0, 1000, '%', 10)];
    }
}
