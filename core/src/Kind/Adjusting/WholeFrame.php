<?php

declare(strict_types=1);

namespace Ricamo\Core\Kind\Adjusting;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Kind\Artist;
use Ricamo\Core\Kind\Moment;

/** Draws nothing, and is as large as the frame. */
final readonly class WholeFrame implements Artist
{
    public function draw(Layer $layer, Composition $composition, Moment $moment, Affine $matrix): array
    {
        return [];
    }

    public function box(Layer $layer, Composition $composition, int|float $at): Box
    {
        return Box::centred($composition->width, $composition->height);
    }
}
