<?php

declare(strict_types=1);

namespace Ricamo\Core\Display\Filter;

use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Json\Text;

/** Upright squares of one colour each: the mean of the pixels of the sheet in which points of the square lie. */
final readonly class Cells implements Filter
{
    /**
     * @param  Point  $origin  where the corner of one of them is, in composition pixels
     * @param  float  $side  in composition pixels
     * @param  non-empty-list<Point>  $at  the points of a square that give it its colour, as many as a power of two: (0, 0) is
     *     its top left corner, (1, 1) its bottom right one
     */
    public function __construct(public Point $origin, public float $side, public array $at)
    {
    }

    public function encode(): string
    {
        $point = fn (Point $point): string => '['.Text::number($point->x, 4).','.Text::number($point->y, 4).']';

        return '{"filter":"cells","origin":'.$point($this->origin).',"side":'.Text::number($this->side, 4).',"at":'
            .Text::list(array_map($point, $this->at)).'}';
    }

    public function placed(Affine $space): self
    {
        return new self($space->apply($this->origin), $this->side * sqrt(abs($space->determinant())), $this->at);
    }

    public function reach(Box $box): Box
    {
        return $box->grown($this->side);
    }
}
