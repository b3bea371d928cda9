<?php

declare(strict_types=1);

namespace Ricamo\Core\Kind\Shape;

use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Kind\Moment;

/** One of the repeats of a shape by itself. */
final readonly class Repeated
{
    /**
     * @param  Moment  $moment  of the layer at which it is
     * @param  Affine  $matrix  from the layer's own space, as it is at that moment, to the pixels that are drawn
     * @param  float  $opacity  0 to 1
     */
    public function __construct(public Moment $moment, public Formed $formed, public Affine $matrix, public float $opacity = 1.0)
    {
    }
}
