<?php

declare(strict_types=1);

namespace Ricamo\Core\Kind;

use Ricamo\Core\Cascade\PlacedCascade;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Geometry\Point;

/** An artist of layers whose parts move by themselves. */
interface MovesWithin
{
    /** How many units of a cascade there are in a layer. */
    public function units(Layer $layer, PlacedCascade $cascade): int;

    /**
     * @return array<string, Point> points that go with the parts at a moment, in the layer's own space, by what each is of;
     *     none where all of them rest
     */
    public function marks(Layer $layer, Composition $composition, int|float $at): array;
}
