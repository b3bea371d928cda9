<?php

declare(strict_types=1);

namespace Ricamo\Core\Move\Staying;

use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Move\Accent;
use Ricamo\Core\Move\Change;
use Ricamo\Core\Move\Scenery;

/** Is thrown about, more in the middle, by a seed: another one is another throw. */
final class Shake extends Accent
{
    public function name(): string
    {
        return 'shake';
    }

    public function title(): string
    {
        return 'Shake';
    }

    public function at(float $t, float $frames, array $settings, Scenery $scenery): Change
    {
        // Between whole frames it goes straight, so that it can be blurred.
        $frame = (int) floor($frames);
        $share = $frames - $frame;
        $throw = fn (int $axis): float => (1 - $share) * self::noise($frame, $axis, $settings['seed'])
            + $share * self::noise($frame + 1, $axis, $settings['seed']);
        $by = $settings['by'] * sin(M_PI * $t);

        return Change::shifted(new Point($by * $throw(0), $by * $throw(1)));
    }

    /** −1 … 1, the same for the same frame, axis and seed everywhere (a crc32 as a hash). */
    private static function noise(int $frame, int $axis, float $seed): float
    {
        return crc32("$frame $axis ".(int) $seed) / 2147483647.5 - 1;
    }

    public function settings(): array
    {
        return [self::number('by', 'By', 14, 0, 10_000, 'px'), self::number('seed', 'Seed', 1, 0, 1_000_000)];
    }

    public function seconds(): float
    {
        return 0.6;
    }
}
