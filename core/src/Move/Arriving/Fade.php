<?php

declare(strict_types=1);

namespace Ricamo\Core\Move\Arriving;

use Ricamo\Core\Move\Change;
use Ricamo\Core\Move\Move;
use Ricamo\Core\Move\Scenery;

/** Becomes visible where it is. */
final class Fade extends Move
{
    public function name(): string
    {
        return 'fade';
    }

    public function title(): string
    {
        return 'Fade';
    }

    public function at(float $p, array $settings, Scenery $scenery): Change
    {
        return (new Change)->faded($p);
    }

    public function easing(): string
    {
        return 'linear';
    }
}
