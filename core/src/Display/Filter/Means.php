<?php

declare(strict_types=1);

namespace Ricamo\Core\Display\Filter;

use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Json\Text;

/**
 * The mean of the picture and the same under a matrix, again and again, each time of what came of it before: with movements
 * twice as large each time, n of them are 2ⁿ pictures. Directional, zoom and spin blur. Or instead of the mean, the one laid over
 * the other: all places on a way.
 */
final readonly class Means implements Filter
{
    /**
     * @param  list<Affine>  $matrices  in composition pixels
     * @param  bool  $isOver  whether the moved one is laid over the other
     */
    public function __construct(public array $matrices, public bool $isOver = false)
    {
    }

    /** All places on a way, each of 2ⁿ a step from the one before. @param  int  $times  n */
    public static function along(Point $step, int $times): self
    {
        $moved = function (int $time) use ($step): Affine {
            $by = $step->times(2 ** $time);

            return Affine::translation($by->x, $by->y);
        };

        return new self(array_map($moved, range(0, $times - 1)), isOver: true);
    }

    public function encode(): string
    {
        return '{"filter":"means","matrices":'.Text::list(array_map(
            fn (Affine $matrix): string => $matrix->encode(), $this->matrices,
        )).($this->isOver ? ',"over":true' : '').'}';
    }

    public function placed(Affine $space): self
    {
        return new self(
            array_map(fn (Affine $matrix): Affine => $space->after($matrix)->after($space->inverse()), $this->matrices), $this->isOver,
        );
    }

    public function reach(Box $box): Box
    {
        foreach ($this->matrices as $matrix) {
            $box = $box->union($matrix->bounds($box));
        }

        return $box;
    }
}
