<?php

declare(strict_types=1);

namespace Ricamo\Core\Kind;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Box;

/** Draws nothing. */
final readonly class Unseen implements Artist
{
    public function box(Layer $layer, Composition $composition, int|float $at): Box
    {
        return new Box(0, 0, 0, 0);
    }

    public function draw(Layer $layer, Composition $composition, Moment $moment, Affine $matrix): array
    {
        return [];
    }
}
