<?php

declare(strict_types=1);

namespace Ricamo\Core\Move\Arriving;

use Ricamo\Core\Move\Change;
use Ricamo\Core\Move\Move;
use Ricamo\Core\Move\Scenery;

/**
 * Comes as on film that is exposed twice: until half way its light is added to what lies beneath, which goes after that. At p it is
 * drawn with the opacity q = max(0, 2p − 1) and added once more with min(2p, 1) − q.
 */
final class Light extends Move
{
    public function name(): string
    {
        return 'light';
    }

    public function title(): string
    {
        return 'Dissolve in light';
    }

    public function at(float $p, array $settings, Scenery $scenery): Change
    {
        $p = max(0.0, min(1.0, $p));
        $covers = max(0.0, 2 * $p - 1);

        return (new Change)->faded($covers)->lit(min(2 * $p, 1.0) - $covers);
    }

    public function easing(): string
    {
        return 'linear';
    }
}
