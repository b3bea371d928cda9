<?php

declare(strict_types=1);

namespace Ricamo\Core\Geometry;

/** A point or a vector; x to the right, y down, in pixels unless said otherwise. */
final readonly class Point
{
    public function __construct(public float $x, public float $y)
    {
    }

    public function plus(self $other): self
    {
        return new self($this->x + $other->x, $this->y + $other->y);
    }

    public function minus(self $other): self
    {
        return new self($this->x - $other->x, $this->y - $other->y);
    }

    public function times(float $factor): self
    {
        return new self($this->x * $factor, $this->y * $factor);
    }

    public function mix(self $other, float $t): self
    {
        return new self($this->x + ($other->x - $this->x) * $t, $this->y + ($other->y - $this->y) * $t);
    }

    public function dot(self $other): float
    {
        return $this->x * $other->x + $this->y * $other->y;
    }
}
