<?php

declare(strict_types=1);

namespace Ricamo\Core\Geometry;

/** A place or a way in space: x to the right, y down, z away from the viewer, in pixels. */
final readonly class Vector
{
    public function __construct(public float $x, public float $y, public float $z)
    {
    }

    public function plus(self $other): self
    {
        return new self($this->x + $other->x, $this->y + $other->y, $this->z + $other->z);
    }

    public function minus(self $other): self
    {
        return new self($this->x - $other->x, $this->y - $other->y, $this->z - $other->z);
    }

    public function times(float $factor): self
    {
        return new self($this->x * $factor, $this->y * $factor, $this->z * $factor);
    }

    public function dot(self $other): float
    {
        return $this->x * $other->x + $this->y * $other->y + $this->z * $other->z;
    }

    /** At right angles to both: what is to the right, crossed with what is down, is away. */
    public function cross(self $other): self
    {
        return new self(
            $this->y * $other->z - $this->z * $other->y,
            $this->z * $other->x - $this->x * $other->z,
            $this->x * $other->y - $this->y * $other->x,
        );
    }

    public function length(): float
    {
        return sqrt($this->dot($this));
    }

    /**
     * The same way, of length 1.
     *
     * @param  float  $least  how long it has to be
     * @return ?self null for a shorter one, which leads nowhere
     */
    public function unit(float $least = 1e-9): ?self
    {
        $length = $this->length();

        return $length < $least ? null : $this->times(1 / $length);
    }
}
