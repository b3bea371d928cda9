<?php

declare(strict_types=1);

namespace Ricamo\Core\Move\Staying;

use Ricamo\Core\Move\Accent;
use Ricamo\Core\Move\Change;
use Ricamo\Core\Move\Scenery;

/** Grows a little and shrinks again, slowly. */
final class Breathe extends Accent
{
    public function name(): string
    {
        return 'breathe';
    }

    public function title(): string
    {
        return 'Breathe';
    }

    public function at(float $t, float $frames, array $settings, Scenery $scenery): Change
    {
        $size = 1 + $settings['by'] / 100 * (1 - cos(2 * M_PI * $t * max(1, round($settings['times'])))) / 2;

        return Change::scaled($scenery->anchor, $size, $size);
    }

    public function settings(): array
    {
        return [self::number('by', 'By', 4, -100, 1000, '%'), self::number('times', 'Times', 1, 1, 100)];
    }

    public function seconds(): float
    {
        return 4.0;
    }
}
