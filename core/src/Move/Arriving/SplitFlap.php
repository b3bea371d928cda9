<?php

declare(strict_types=1);

namespace Ricamo\Core\Move\Arriving;

use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Path;
use Ricamo\Core\Move\Change;
use Ricamo\Core\Move\Leaves;
use Ricamo\Core\Move\Move;
use Ricamo\Core\Move\Scenery;

/** As on a departure board: what falls uncovers one half, and shows the other on its back. */
final class SplitFlap extends Move
{
    public function name(): string
    {
        return 'split-flap';
    }

    public function title(): string
    {
        return 'Split flap';
    }

    public function leavesPlane(): bool
    {
        return true;
    }

    public function at(float $p, array $settings, Scenery $scenery): Change
    {
        $side = Leaves::level($settings['angle']);
        $fallen = 180 * $p;
        $first = Leaves::half($scenery->bounds, $side);
        if ($fallen < 90) {
            // What still covers the first half, as if there were a flap before it.
            $out = Scenery::direction($side);
            $left = 1 - cos(deg2rad(max(0.0, $fallen)));

            return Change::inParts([[Path::rectangle(new Box(
                $out->x < -0.5 || abs($out->y) > 0.5 ? $first->left : $first->right - $left * $first->width(),
                $out->y < -0.5 || abs($out->x) > 0.5 ? $first->top : $first->bottom - $left * $first->height(),
                $out->x > 0.5 || abs($out->y) > 0.5 ? $first->right : $first->left + $left * $first->width(),
                $out->y > 0.5 || abs($out->x) > 0.5 ? $first->bottom : $first->top + $left * $first->height(),
            )), null]]);
        }
        [$resting] = Leaves::hanging($first, $side + 180, [0.0], before: 0.0);

        return Change::inParts([
            [$resting[0], null], ...Leaves::hanging(Leaves::half($scenery->bounds, $side + 180), $side, [180 - $fallen], before: 0.0),
        ]);
    }

    public function settings(): array
    {
        return [self::angle(-90, 'Falls from')];
    }

    public function easing(): string
    {
        return 'cubic-in-out';
    }

    public function seconds(): float
    {
        return 0.6;
    }
}
