<?php

declare(strict_types=1);

namespace Ricamo\Core\Move\Arriving;

use Ricamo\Core\Move\Change;
use Ricamo\Core\Move\Move;
use Ricamo\Core\Move\Scenery;

/** Comes from near, larger than it is, while it becomes visible. */
final class Settle extends Move
{
    public function name(): string
    {
        return 'settle';
    }

    public function title(): string
    {
        return 'Settle';
    }

    public function at(float $p, array $settings, Scenery $scenery): Change
    {
        $size = 1 + ($settings['begin'] / 100 - 1) * (1 - $p);

        return Change::scaled($scenery->anchor, $size, $size)->faded($p);
    }

    public function settings(): array
    {
        return [self::number('begin', 'Begins at', 160, 100, 1000, '%', 10)];
    }
}
