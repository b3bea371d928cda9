<?php

declare(strict_types=1);

namespace Ricamo\Core\Kind;

use Closure;
use Ricamo\Core\Display\Operation;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Geometry\Affine;

/** An artist of layers that are seen several times over, each as the layer is at a moment of its own. */
interface RepeatsInTime
{
    /** @return list<float> the moment of each, in frames; none where all of them are of the same */
    public function moments(Layer $layer, int|float $at): array;

    /**
     * All of them.
     *
     * @param  list<float>  $moments  of each
     * @param  Closure(float): ?array{Affine, float}  $pose  from the layer's own space to the pixels that are drawn, and how
     *     opaque it is, at a moment; null where nothing is seen of it
     * @return list<Operation>
     */
    public function drawInTime(Layer $layer, Composition $composition, Moment $moment, array $moments, Closure $pose): array;
}
