<?php

declare(strict_types=1);

namespace Ricamo\Core\Move\Staying;

use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Space;
use Ricamo\Core\Geometry\Vector;
use Ricamo\Core\Move\Accent;
use Ricamo\Core\Move\Change;
use Ricamo\Core\Move\Scenery;

/** A camera trembles as in a hand, by a seed: it goes from throw to throw, each a share of a second after the one before. */
final class HandHeld extends Accent
{
    /** The share of its length in which it begins, and in which it ends. */
    private const ENDS = 0.1;

    public function name(): string
    {
        return 'hand-held';
    }

    public function title(): string
    {
        return 'Hand-held';
    }

    public function films(): bool
    {
        return true;
    }

    public function at(float $t, float $frames, array $settings, Scenery $scenery): Change
    {
        $by = max(0.0, min(1.0, $t / self::ENDS, (1 - $t) / self::ENDS));
        $throw = fn (int $axis): float => $by * self::noise($frames / $settings['every'], $axis, $settings['seed']);
        $roll = Affine::rotation($settings['turn'] * $throw(2));

        return Change::inSpace(Space::along(
            new Vector($roll->a, -$roll->b, 0), new Vector($roll->b, $roll->a, 0), new Vector(0, 0, 1),
            new Vector($settings['by'] * $throw(0), $settings['by'] * $throw(1), 0),
        ));
    }

    /** −1 … 1, smoothly from one throw to the next: value noise, with a crc32 as its hash. */
    private static function noise(float $at, int $axis, float $seed): float
    {
        $whole = (int) floor($at);
        $share = $at - $whole;
        $share *= $share * (3 - 2 * $share);
        $hash = fn (int $place): float => crc32("$place $axis ".(int) $seed) / 2147483647.5 - 1;

        return (1 - $share) * $hash($whole) + $share * $hash($whole + 1);
    }

    public function settings(): array
    {
        return [
            self::number('by', 'By', 12, 0, 10_000, 'px'),
            self::number('turn', 'Roll', 0.6, 0, 90, '°', 0.1),
            self::number('every', 'Every', 9, 1, 1000, 'f'),
            self::number('seed', 'Seed', 1, 0, 1_000_000),
        ];
    }

    public function seconds(): float
    {
        return 4.0;
    }
}
