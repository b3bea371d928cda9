<?php

declare(strict_types=1);

namespace Ricamo\Core\Move\Arriving;

use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Path;
use Ricamo\Core\Move\Change;
use Ricamo\Core\Move\Move;
use Ricamo\Core\Move\Scenery;

/** Is uncovered in strips. */
final class Blinds extends Move
{
    public function name(): string
    {
        return 'blinds';
    }

    public function title(): string
    {
        return 'Blinds';
    }

    public function at(float $p, array $settings, Scenery $scenery): Change
    {
        $box = $scenery->bounds;
        $count = max(1, (int) round($settings['strips']));
        $height = $box->height() / $count;
        $strips = [];
        for ($strip = 0; $strip < $count; $strip++) {
            $top = $box->top + $strip * $height;
            $strips[] = Path::rectangle(new Box($box->left, $top, $box->right, $top + $height * max(0.0, min(1.0, $p))), 0);
        }

        return (new Change)->within(Path::joined($strips));
    }

    public function settings(): array
    {
        return [self::number('strips', 'Strips', 6, 1, 60)];
    }

    public function easing(): string
    {
        return 'ease-in-out(60%)';
    }
}
