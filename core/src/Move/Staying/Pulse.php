<?php

declare(strict_types=1);

namespace Ricamo\Core\Move\Staying;

use Ricamo\Core\Move\Accent;
use Ricamo\Core\Move\Change;
use Ricamo\Core\Move\Scenery;

/** Grows and comes back, so many times. */
final class Pulse extends Accent
{
    public function name(): string
    {
        return 'pulse';
    }

    public function title(): string
    {
        return 'Pulse';
    }

    public function at(float $t, float $frames, array $settings, Scenery $scenery): Change
    {
        $size = 1 + $settings['by'] / 100 * sin(M_PI * $t * max(1, round($settings['times']))) ** 2;

        return Change::scaled($scenery->anchor, $size, $size);
    }

    public function settings(): array
    {
        return [self::number('by', 'By', 15, -100, 1000, '%'), self::number('times', 'Times', 1, 1, 100)];
    }

    public function seconds(): float
    {
        return 0.8;
    }
}
