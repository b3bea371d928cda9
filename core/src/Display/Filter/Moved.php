<?php

declare(strict_types=1);

namespace Ricamo\Core\Display\Filter;

use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Point;

/** The picture moved, scaled and turned by a matrix. */
final readonly class Moved implements Filter
{
    /** @param  Affine  $matrix  in composition pixels */
    public function __construct(public Affine $matrix)
    {
    }

    public static function by(Point $by): self
    {
        return new self(Affine::translation($by->x, $by->y));
    }

    public function encode(): string
    {
        return '{"filter":"move","matrix":'.$this->matrix->encode().'}';
    }

    public function placed(Affine $space): self
    {
        return new self($space->after($this->matrix)->after($space->inverse()));
    }

    public function reach(Box $box): Box
    {
        return $this->matrix->bounds($box);
    }
}
