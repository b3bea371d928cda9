<?php

declare(strict_types=1);

namespace Ricamo\Core\Move\Staying;

use Ricamo\Core\Move\Accent;
use Ricamo\Core\Move\Change;
use Ricamo\Core\Move\Scenery;

/** Is larger and itself again by turns, from one frame to the next. */
final class JumpCut extends Accent
{
    public function name(): string
    {
        return 'jump-cut';
    }

    public function title(): string
    {
        return 'Jump cut';
    }

    public function at(float $t, float $frames, array $settings, Scenery $scenery): Change
    {
        $isLarger = (int) floor($frames / max(1, round($settings['every']))) % 2 === 0;
        $size = $isLarger ? 1 + $settings['by'] / 100 : 1.0;

        return Change::scaled($scenery->anchor, $size, $size);
    }

    public function settings(): array
    {
        return [self::number('by', 'By', 30, -100, 1000, '%'), self::number('every', 'Every', 2, 1, 1000, 'f')];
    }
}
