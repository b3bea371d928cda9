<?php

declare(strict_types=1);

namespace Ricamo\Core\Effect;

use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Point;

/** Where a layer stands while something is done to it. Lengths grow and shrink with the layer. */
final readonly class Place
{
    /**
     * @param  Affine  $matrix  from the layer's own pixels to those that are drawn
     * @param  Box  $box  what it takes up, in its own pixels
     * @param  float  $at  the moment, in frames of its composition
     */
    public function __construct(public Affine $matrix, public Box $box = new Box(0, 0, 0, 0), public float $at = 0.0)
    {
    }

    /** A length in the layer's own pixels, in those that are drawn. */
    public function length(float $own): float
    {
        return $own * sqrt(abs($this->matrix->determinant()));
    }

    /**
     * As far away in a direction, which stays that of the frame however the layer turns.
     *
     * @param  float  $degrees  clockwise, 0 to the right
     */
    public function away(float $degrees, float $own): Point
    {
        $length = $this->length($own);

        return new Point($length * cos(deg2rad($degrees)), $length * sin(deg2rad($degrees)));
    }

    /** A point of the layer. */
    public function point(Point $own): Point
    {
        return $this->matrix->apply($own);
    }

    /** What a part of the picture takes up in the layer's own pixels. */
    public function own(Box $drawn): Box
    {
        return $this->matrix->inverse()->bounds($drawn);
    }
}
