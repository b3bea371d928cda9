<?php

declare(strict_types=1);

namespace Ricamo\Core\Move\Arriving;

use Ricamo\Core\Move\Change;
use Ricamo\Core\Move\Leaves;
use Ricamo\Core\Move\Move;
use Ricamo\Core\Move\Scenery;

/** Two halves swing in, each about its outer edge, and meet in the middle. */
final class SwingDoors extends Move
{
    public function name(): string
    {
        return 'swing-doors';
    }

    public function title(): string
    {
        return 'Swing doors';
    }

    public function leavesPlane(): bool
    {
        return true;
    }

    public function at(float $p, array $settings, Scenery $scenery): Change
    {
        $side = Leaves::level($settings['angle']);
        $wing = fn (float $side): array => Leaves::hanging(
            Leaves::half($scenery->bounds, $side), $side, [$settings['turn'] * (1 - $p)], after: 0.0,
        );

        return Change::inParts([...$wing($side), ...$wing($side + 180)])->faded(8 * $p);
    }

    public function settings(): array
    {
        return [self::angle(0, 'Open to'), self::turn(90.0)];
    }

    public function easing(): string
    {
        return 'back-out';
    }

    public function seconds(): float
    {
        return 1.0;
    }
}
