<?php

declare(strict_types=1);

namespace Ricamo\Core\Move\Arriving;

use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Move\Change;
use Ricamo\Core\Move\Move;
use Ricamo\Core\Move\Scenery;

/** Comes in long and thin from one side, and snaps into its shape there. */
final class Stretched extends Move
{
    public function name(): string
    {
        return 'stretch';
    }

    public function title(): string
    {
        return 'Stretch';
    }

    public function at(float $p, array $settings, Scenery $scenery): Change
    {
        $box = $scenery->bounds;
        $direction = Scenery::direction($settings['angle']);
        $isLevel = abs($direction->x) >= abs($direction->y);
        [$long, $thin] = [1 + $settings['strength'] / 100 * (1 - $p), max(0.0, $p)];
        $edge = new Point($direction->x < 0 ? $box->right : $box->left, $direction->y < 0 ? $box->bottom : $box->top);

        return Change::scaled($edge, $isLevel ? $long : $thin, $isLevel ? $thin : $long)->faded(3 * $p);
    }

    public function settings(): array
    {
        return [self::angle(180), self::number('strength', 'Strength', 200, 0, 1000, '%', 10)];
    }
}
