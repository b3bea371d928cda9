<?php

declare(strict_types=1);

namespace Ricamo\Raster\Media;

/** How much the preparation of one clip may take. */
final readonly class PreviewBudget
{
    /**
     * @param  int  $frames  the most preview frames
     * @param  int  $bytes  the most room on disk
     * @param  float  $seconds  the longest time that one step may take
     */
    public function __construct(public int $frames = 20_000, public int $bytes = 2_000_000_000, public float $seconds = 3600)
    {
    }
}
