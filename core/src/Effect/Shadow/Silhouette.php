<?php

declare(strict_types=1);

namespace Ricamo\Core\Effect\Shadow;

use Ricamo\Core\Colour\Colour;
use Ricamo\Core\Display\Filter\ColourMatrix;

/** All of a picture in one colour, as opaque as it is. */
final class Silhouette
{
    /** @param  float  $strength  what its opacity is multiplied by; it is never more than opaque */
    public static function in(Colour $colour, float $strength = 1.0): ColourMatrix
    {
        $opaque = $strength * $colour->alpha / 255;

        return new ColourMatrix([
            0, 0, 0, 0, $colour->red / 255, 0, 0, 0, 0, $colour->green / 255, 0, 0, 0, 0, $colour->blue / 255, 0, 0, 0, $opaque, 0,
        ]);
    }
}
