<?php

namespace Ricamo\Core\Kind\Sound;

use Ricamo\Core\Document\Layer;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Kind\Artist;
use Ricamo\Core\Time\FrameRate;

/** Draws nothing. */
final readonly class Unseen implements Artist
{
    public function box(Layer $layer, int|float $at): Box
    {
        return new Box(0, 0, 0, 0);
    }

    public function draw(Layer $layer, FrameRate $rate, int $frame, int|float $at, Affine $matrix): array
    {
        return [];
    }
}
