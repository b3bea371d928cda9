<?php

declare(strict_types=1);

namespace Ricamo\Core\Move\Arriving;

use Ricamo\Core\Geometry\Path;
use Ricamo\Core\Move\Change;
use Ricamo\Core\Move\Move;
use Ricamo\Core\Move\Scenery;

/** Rises from behind its own edge: what is not yet in its place is not seen. */
final class Lift extends Move
{
    public function name(): string
    {
        return 'lift';
    }

    public function title(): string
    {
        return 'Lift';
    }

    public function at(float $p, array $settings, Scenery $scenery): Change
    {
        $direction = Scenery::direction($settings['angle']);
        $box = $scenery->bounds;
        $way = (abs($direction->x) * $box->width() + abs($direction->y) * $box->height()) * (1 - $p);

        return Change::shifted($direction->times($way))->within(Path::rectangle($box, 0));
    }

    public function settings(): array
    {
        return [self::angle(90)];
    }
}
