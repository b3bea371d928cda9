<?php

declare(strict_types=1);

namespace Ricamo\Core\Kind;

use Ricamo\Core\Display\Operation;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Geometry\Affine;

/** What there is to draw of a layer, where all of that is known before any frame but for colours and widths. */
interface Prepared
{
    /**
     * @param  Affine  $matrix  from the layer's own space to the pixels that are drawn
     * @return list<Operation>
     */
    public function draw(Layer $layer, int|float $at, Affine $matrix): array;
}
