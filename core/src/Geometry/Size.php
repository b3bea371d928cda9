<?php

declare(strict_types=1);

namespace Ricamo\Core\Geometry;

final readonly class Size
{
    public function __construct(public float $width, public float $height)
    {
    }

    public function mix(self $other, float $t): self
    {
        return new self($this->width + ($other->width - $this->width) * $t, $this->height + ($other->height - $this->height) * $t);
    }

    /** The largest scale at which this still fits inside the other. */
    public function scaleToFit(self $outer): float
    {
        return min($outer->width / $this->width, $outer->height / $this->height);
    }
}
