<?php

declare(strict_types=1);

namespace Ricamo\Core\Move\Arriving;

use Ricamo\Core\Move\Change;
use Ricamo\Core\Move\Move;
use Ricamo\Core\Move\Scenery;

/** Comes in by the whole frame, as one picture pushes another out; across a cut both do, side by side. */
final class Push extends Move
{
    public const NAME = 'push';

    public function name(): string
    {
        return self::NAME;
    }

    public function title(): string
    {
        return 'Push';
    }

    public function at(float $p, array $settings, Scenery $scenery): Change
    {
        $direction = Scenery::direction($settings['angle']);
        // The way through the frame in that direction, from side to side.
        $way = abs($direction->x) * $scenery->width + abs($direction->y) * $scenery->height;

        return Change::shifted($direction->times($way * (1 - $p)));
    }

    public function settings(): array
    {
        return [self::angle(0)];
    }

    public function easing(): string
    {
        return 'ease-in-out(60%)';
    }
}
