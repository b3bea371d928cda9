<?php

declare(strict_types=1);

namespace Ricamo\Core\Move\Arriving;

use Ricamo\Core\Move\Change;
use Ricamo\Core\Move\Leaves;
use Ricamo\Core\Move\Move;
use Ricamo\Core\Move\Scenery;

/** Is unfolded as a map is, to and fro, away from one of its edges. */
final class Unfold extends Move
{
    public function name(): string
    {
        return 'unfold';
    }

    public function title(): string
    {
        return 'Unfold';
    }

    public function leavesPlane(): bool
    {
        return true;
    }

    public function at(float $p, array $settings, Scenery $scenery): Change
    {
        $stands = fn (int $leaf): float => ($leaf % 2 === 0 ? 90 : -90) * (1 - $p);
        $angles = array_map($stands, range(0, max(1, (int) round($settings['leaves'])) - 1));

        return Change::inParts(Leaves::hanging($scenery->bounds, $settings['angle'], $angles))->faded(8 * $p);
    }

    public function settings(): array
    {
        return [self::angle(180, 'Hangs at'), self::number('leaves', 'Leaves', 4, 1, 24)];
    }

    public function easing(): string
    {
        return 'cubic-in-out';
    }

    public function seconds(): float
    {
        return 1.0;
    }
}
