<?php

declare(strict_types=1);

namespace Ricamo\Core\Move\Arriving;

use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Move\Change;
use Ricamo\Core\Move\Move;
use Ricamo\Core\Move\Scenery;

/** Copies of it in a row, the farther the clearer, close up into it. */
final class Copies extends Move
{
    private const MOST = 40;

    public function name(): string
    {
        return 'copies';
    }

    public function title(): string
    {
        return 'Copies';
    }

    public function settings(): array
    {
        return [
            self::number('copies', 'Copies', 5, 1, self::MOST),
            self::angle(180),
            self::number('distance', 'Distance', 600, 0, 100_000, 'px'),
        ];
    }

    public function at(float $p, array $settings, Scenery $scenery): Change
    {
        $count = (int) round($settings['copies']);
        $step = Scenery::direction($settings['angle'])->times($settings['distance'] * (1 - $p) / $count);
        $copies = [];
        for ($copy = $count; $copy > 0; $copy--) {
            $seen = 1 - $copy / ($count + 1);
            $copies[] = [Affine::translation($step->x * $copy, $step->y * $copy), $seen];
        }

        return (new Change)->with($p === 1.0 ? [] : $copies)->faded(3 * $p);
    }
}
