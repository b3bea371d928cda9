<?php

namespace Ricamo\Core\Kind;

use Ricamo\Core\Display\Operation;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Time\FrameRate;

/** Turns layers of one kind into operations. */
interface Artist
{
    /** The box of what the layer shows on a frame, in its own space. */
    public function box(Layer $layer, int|float $at): Box;

    /**
     * @param  FrameRate  $rate  of the composition
     * @param  int  $frame  of what plays in it
     * @param  int|float  $at  the moment of its values, in frames
     * @param  Affine  $matrix  from the layer's own space to the composition's
     * @return list<Operation>
     */
    public function draw(Layer $layer, FrameRate $rate, int $frame, int|float $at, Affine $matrix): array;
}
