<?php

declare(strict_types=1);

namespace Ricamo\Core\Move\Arriving;

use Ricamo\Core\Geometry\Path;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Move\Change;
use Ricamo\Core\Move\Move;
use Ricamo\Core\Move\Scenery;

/** Is uncovered by a hand that goes round its middle. */
final class ClockHand extends Move
{
    public function name(): string
    {
        return 'clock';
    }

    public function title(): string
    {
        return 'Clock';
    }

    public function at(float $p, array $settings, Scenery $scenery): Change
    {
        $box = $scenery->bounds;
        $middle = $box->centre();
        $radius = hypot($box->width(), $box->height());
        $sweep = 360 * max(0.0, min(1.0, $p));
        $points = [$middle];
        for ($step = 0; $step <= 24; $step++) {
            $hand = Scenery::direction($settings['angle'] + $sweep * $step / 24);
            $points[] = new Point($middle->x + $hand->x * $radius, $middle->y + $hand->y * $radius);
        }

        return (new Change)->within(Path::polygon($points));
    }

    public function settings(): array
    {
        return [self::angle(270, 'Begins at')];
    }

    public function easing(): string
    {
        return 'linear';
    }

    public function seconds(): float
    {
        return 0.8;
    }
}
