<?php

declare(strict_types=1);

namespace Ricamo\Core\Move\Arriving;

use Ricamo\Core\Geometry\Path;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Move\Change;
use Ricamo\Core\Move\Move;
use Ricamo\Core\Move\Scenery;

/** Is uncovered by a straight edge that goes across it. */
final class Wipe extends Move
{
    public function name(): string
    {
        return 'wipe';
    }

    public function title(): string
    {
        return 'Wipe';
    }

    public function at(float $p, array $settings, Scenery $scenery): Change
    {
        // A rectangle along the direction, from behind the layer up to where the edge has come.
        $box = $scenery->bounds;
        $direction = Scenery::direction($settings['angle']);
        [$width, $height] = [$box->width(), $box->height()];
        $reach = (abs($direction->x) * $width + abs($direction->y) * $height) / 2;
        $across = hypot($width, $height) / 2 + 1;
        $edge = $reach - 2 * $reach * $p;
        $along = fn (float $forward, float $aside): Point => new Point(
            $box->centre()->x + $direction->x * $forward - $direction->y * $aside,
            $box->centre()->y + $direction->y * $forward + $direction->x * $aside,
        );

        return (new Change)->within(Path::polygon([
            $along($reach + 1, -$across), $along($reach + 1, $across), $along($edge, $across), $along($edge, -$across),
        ]));
    }

    public function settings(): array
    {
        return [self::angle(180)];
    }

    public function easing(): string
    {
        return 'ease-in-out(60%)';
    }
}
