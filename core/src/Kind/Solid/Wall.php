<?php

declare(strict_types=1);

namespace Ricamo\Core\Kind\Solid;

use Ricamo\Core\Colour\Colour;
use Ricamo\Core\Geometry\Point;

/** A part of the sides of something thick, as it is seen. */
final readonly class Wall
{
    /**
     * @param  non-empty-list<Point>  $corners  around, clockwise
     * @param  float  $away  how far its middle is from the viewer
     */
    public function __construct(public array $corners, public Colour $colour, public float $away)
    {
    }
}
