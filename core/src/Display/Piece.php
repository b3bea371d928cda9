<?php

declare(strict_types=1);

namespace Ricamo\Core\Display;

use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Projection;
use Ricamo\Core\Json\Text;

/** A part of a picture, as its plane is seen in space, and cut out there. */
final readonly class Piece
{
    /**
     * @param  Projection  $seen  from the picture's composition pixels to those where it is seen
     * @param  Box  $part  of the picture, all of which that is seen lies before the viewer
     * @param  Outline  $clip  in composition pixels, where it is seen: what is outside of it is not
     * @param  int  $halvings  how many times the picture is halved that it is taken from
     * @param  float  $opacity  0..1
     * @param  array{float, float, float}  $light  by what its red, green and blue are multiplied, each at most what is white then
     */
    public function __construct(
        public Projection $seen, public Box $part, public Outline $clip, public int $halvings = 0, public float $opacity = 1.0,
        public array $light = [1.0, 1.0, 1.0],
    ) {
    }

    /** Whether it is as bright as the picture. */
    public function isUnlit(): bool
    {
        return max(array_map(fn (float $factor): float => abs($factor - 1), $this->light)) < 1e-4;
    }

    public function encode(): string
    {
        $light = $this->isUnlit()
            ? ''
            : ',"light":'.Text::list(array_map(fn (float $factor): string => Text::number($factor, 4), $this->light));
        $part = Text::list(array_map(fn (float $side): string => Text::number($side, 2), $this->part->toJson()));

        return "{\"clip\":\"{$this->clip->key}\",\"opacity\":".Text::number($this->opacity, 5)
            .",\"part\":$part,\"seen\":{$this->seen->encode()}".($this->halvings > 0 ? ",\"halvings\":$this->halvings" : '')."$light}";
    }

    /** The pixels it can touch, in composition pixels; null where it is nowhere. */
    public function extent(): ?Box
    {
        return $this->clip->bounds;
    }
}
