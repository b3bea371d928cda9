<?php

declare(strict_types=1);

namespace Ricamo\Core\Move\Staying;

use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Move\Accent;
use Ricamo\Core\Move\Change;
use Ricamo\Core\Move\Scenery;

/** Rises and sinks, so many times. */
final class Floats extends Accent
{
    public function name(): string
    {
        return 'float';
    }

    public function title(): string
    {
        return 'Float';
    }

    public function at(float $t, float $frames, array $settings, Scenery $scenery): Change
    {
        $up = $settings['by'] * (1 - cos(2 * M_PI * $t * max(1, round($settings['times'])))) / 2;

        return Change::shifted(new Point(0, -$up));
    }

    public function settings(): array
    {
        return [self::number('by', 'By', 24, -10_000, 10_000, 'px'), self::number('times', 'Times', 1, 1, 100)];
    }

    public function seconds(): float
    {
        return 3.0;
    }
}
