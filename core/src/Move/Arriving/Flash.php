<?php

declare(strict_types=1);

namespace Ricamo\Core\Move\Arriving;

use Ricamo\Core\Display\Filter\ColourMatrix;
use Ricamo\Core\Move\Change;
use Ricamo\Core\Move\Move;
use Ricamo\Core\Move\Scenery;

/** Comes out of a flash of light. */
final class Flash extends Move
{
    public function name(): string
    {
        return 'flash';
    }

    public function title(): string
    {
        return 'Flash';
    }

    public function settings(): array
    {
        return [self::number('stops', 'Stops', 4, 0, 8, '')];
    }

    public function at(float $p, array $settings, Scenery $scenery): Change
    {
        $factor = 2 ** ($settings['stops'] * (1 - min(1.0, $p)));
        $light = ColourMatrix::ofColours([[$factor, 0.0, 0.0, 0.0], [0.0, $factor, 0.0, 0.0], [0.0, 0.0, $factor, 0.0]]);

        // It is there before it is dark enough to be made out.
        return (new Change)->faded(3 * $p)->filtered($light);
    }
}
