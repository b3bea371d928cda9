<?php

declare(strict_types=1);

namespace Ricamo\Core\Kind;

use Ricamo\Core\Display\Operation;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Box;

/** Turns layers of one kind into operations. */
interface Artist
{
    /** The box of what the layer shows on a frame, in its own space. */
    public function box(Layer $layer, Composition $composition, int|float $at): Box;

    /**
     * @param  Affine  $matrix  from the layer's own space to the pixels that are drawn
     * @return list<Operation>
     */
    public function draw(Layer $layer, Composition $composition, Moment $moment, Affine $matrix): array;
}
