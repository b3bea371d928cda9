<?php

declare(strict_types=1);

namespace Ricamo\Raster\Render;

use Ricamo\Core\Animation\Polyline;

/** How far a speed leads, asked for moment after moment: each step is added to what was known before. */
final class Led
{
    private int $segment = 0;

    /** How far it has led at the beginning of the segment. */
    private float $before = 0.0;

    public function __construct(private readonly Polyline $speeds)
    {
    }

    /** @param  float  $time  seconds, not before the one that was asked for last */
    public function to(float $time): float
    {
        $points = $this->speeds->points;
        while (isset($points[$this->segment + 2]) && $points[$this->segment + 1][0] <= $time) {
            [[$t0, $v0], [$t1, $v1]] = [$points[$this->segment], $points[++$this->segment]];
            $this->before += ($t1 - $t0) * ($v0 + $v1) / 2;
        }
        [$t0, $v0] = $points[$this->segment];
        [$t1, $v1] = $points[$this->segment + 1] ?? [$t0 + 1, $v0];
        $after = $time - $t0;

        return $this->before + $after * ($v0 + ($v1 - $v0) / ($t1 - $t0) * $after / 2);
    }
}
