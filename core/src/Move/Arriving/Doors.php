<?php

declare(strict_types=1);

namespace Ricamo\Core\Move\Arriving;

use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Path;
use Ricamo\Core\Move\Change;
use Ricamo\Core\Move\Move;
use Ricamo\Core\Move\Scenery;

/** Is uncovered from its middle to both sides. */
final class Doors extends Move
{
    public function name(): string
    {
        return 'doors';
    }

    public function title(): string
    {
        return 'Doors';
    }

    public function at(float $p, array $settings, Scenery $scenery): Change
    {
        $box = $scenery->bounds;
        $isLevel = abs(Scenery::direction($settings['angle'])->x) > 0.5;
        [$width, $height] = [$box->width() / 2 * ($isLevel ? max(0.0, $p) : 1), $box->height() / 2 * ($isLevel ? 1 : max(0.0, $p))];
        $middle = $box->centre();

        return (new Change)->within(Path::rectangle(
            new Box($middle->x - $width, $middle->y - $height, $middle->x + $width, $middle->y + $height), 0,
        ));
    }

    public function settings(): array
    {
        return [self::angle(0, 'Open to')];
    }

    public function easing(): string
    {
        return 'ease-in-out(60%)';
    }
}
