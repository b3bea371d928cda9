<?php

declare(strict_types=1);

namespace Ricamo\Core\Move\Arriving;

use Ricamo\Core\Display\Filter\Blur;
use Ricamo\Core\Move\Change;
use Ricamo\Core\Move\Move;
use Ricamo\Core\Move\Scenery;

/** Comes out of a blur. */
final class Focus extends Move
{
    public function name(): string
    {
        return 'focus';
    }

    public function title(): string
    {
        return 'Focus';
    }

    public function settings(): array
    {
        return [self::number('blur', 'Blur', 30, 0, 300, 'px')];
    }

    public function at(float $p, array $settings, Scenery $scenery): Change
    {
        $deviation = $settings['blur'] * max(0.0, 1 - $p);

        $change = (new Change)->faded(2 * $p);

        return $deviation < 0.05 ? $change : $change->filtered(new Blur($deviation));
    }
}
