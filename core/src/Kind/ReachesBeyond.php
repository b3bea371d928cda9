<?php

declare(strict_types=1);

namespace Ricamo\Core\Kind;

use Ricamo\Core\Display\Operation;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Geometry\Affine;

/** An artist of layers that show a part of something that goes on beyond their edges. */
interface ReachesBeyond
{
    /**
     * All of what is in a layer, beyond its edges too.
     *
     * @param  Affine  $matrix  from the layer's own space to the pixels that are drawn
     * @return list<Operation>
     */
    public function seen(Layer $layer, Composition $composition, Moment $moment, Affine $matrix): array;
}
