<?php

declare(strict_types=1);

namespace Ricamo\Core\Move\Arriving;

use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Move\Change;
use Ricamo\Core\Move\Move;
use Ricamo\Core\Move\Scenery;

/** Comes out of a point of the frame, as small as nothing there; leaving, it is drawn into it. */
final class Emerge extends Move
{
    public function name(): string
    {
        return 'emerge';
    }

    public function title(): string
    {
        return 'Out of a point';
    }

    public function at(float $p, array $settings, Scenery $scenery): Change
    {
        $point = new Point($settings['across'] / 100 * $scenery->width, $settings['down'] / 100 * $scenery->height);

        return Change::scaled($point, $p, $p);
    }

    public function settings(): array
    {
        return [
            self::number('across', 'Across', 50, -1000, 1000, '%', 10), self::number('down', 'Down', 100, -1000, 1000, '%', 10),
        ];
    }
}
