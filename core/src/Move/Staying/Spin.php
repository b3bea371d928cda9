<?php

declare(strict_types=1);

namespace Ricamo\Core\Move\Staying;

use Ricamo\Core\Move\Accent;
use Ricamo\Core\Move\Change;
use Ricamo\Core\Move\Scenery;

/** Turns steadily by whole turns. */
final class Spin extends Accent
{
    public function name(): string
    {
        return 'spin';
    }

    public function title(): string
    {
        return 'Spin';
    }

    public function at(float $t, float $frames, array $settings, Scenery $scenery): Change
    {
        return Change::turned($scenery->anchor, 360 * round($settings['turns']) * $t);
    }

    public function settings(): array
    {
        return [self::number('turns', 'Turns', 1, -1000, 1000)];
    }

    public function seconds(): float
    {
        return 2.0;
    }
}
