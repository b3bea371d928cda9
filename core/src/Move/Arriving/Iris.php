<?php

declare(strict_types=1);

namespace Ricamo\Core\Move\Arriving;

use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Path;
use Ricamo\Core\Move\Change;
use Ricamo\Core\Move\Move;
use Ricamo\Core\Move\Scenery;

/** Is uncovered by a circle that opens about its middle. */
final class Iris extends Move
{
    public function name(): string
    {
        return 'iris';
    }

    public function title(): string
    {
        return 'Iris';
    }

    public function at(float $p, array $settings, Scenery $scenery): Change
    {
        $box = $scenery->bounds;
        $radius = hypot($box->width(), $box->height()) / 2 * max(0.0, $p);
        $middle = $box->centre();

        return (new Change)->within(Path::ellipse(new Box(
            $middle->x - $radius, $middle->y - $radius, $middle->x + $radius, $middle->y + $radius,
        )));
    }

    public function easing(): string
    {
        return 'ease-in-out(60%)';
    }
}
