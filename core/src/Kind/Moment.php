<?php

declare(strict_types=1);

namespace Ricamo\Core\Kind;

use Ricamo\Core\Geometry\Affine;

/** When layers are drawn, and in which space. */
final readonly class Moment
{
    /**
     * @param  int  $frame  of what plays in them
     * @param  int|float  $at  the moment of everything else, in frames
     * @param  Affine  $space  from the pixels that their placement counts in to those that are drawn
     * @param  bool  $isExposed  whether this is one of the moments at which motion blur sees something that they are in
     * @param  bool  $isMask  whether what is drawn is a mask of another layer
     */
    public function __construct(
        public int $frame,
        public int|float $at,
        public Affine $space = new Affine,
        public bool $isExposed = false,
        public bool $isMask = false,
    ) {
    }

    public static function on(int $frame, Affine $space = new Affine): self
    {
        return new self($frame, $frame, $space);
    }

    /** One of those while the shutter is open. */
    public function exposed(float $at): self
    {
        return new self($this->frame, $at, $this->space, true, $this->isMask);
    }

    /** A copy on the same frame, for what is seen as it is at another moment. */
    public function at(float $at): self
    {
        return new self($this->frame, $at, $this->space, $this->isExposed, $this->isMask);
    }

    public function in(Affine $space): self
    {
        return new self($this->frame, $this->at, $space, $this->isExposed, $this->isMask);
    }

    public function asMask(Affine $space): self
    {
        return new self($this->frame, $this->at, $space, $this->isExposed, true);
    }
}
