<?php

declare(strict_types=1);

namespace Ricamo\Core\Effect\Colour;

/** From 0 to 1 at a level: at once, or over a stretch with a smooth beginning and end. */
final readonly class SoftStep
{
    /** One of the 255 steps that a channel has, over which an edge that is hard still is smooth. */
    private const HARD = 1 / 255;

    /** @param  float  $softness  how long the stretch is, with the level in its middle */
    public function __construct(private float $level, private float $softness)
    {
    }

    public function at(float $value): float
    {
        $long = max(self::HARD, $this->softness);
        $t = max(0.0, min(1.0, ($value - $this->level) / $long + 0.5));

        return $t * $t * (3 - 2 * $t);
    }
}
