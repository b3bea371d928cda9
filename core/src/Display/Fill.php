<?php

namespace Ricamo\Core\Display;

use Ricamo\Core\Colour\Colour;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Box;

/** The inside of an outline (by the non-zero rule) in one colour. */
final readonly class Fill implements Operation
{
    public function __construct(public Outline $outline, public Affine $matrix, public Colour $colour)
    {
    }

    public function encode(): string
    {
        return "{\"op\":\"fill\",\"path\":\"{$this->outline->key}\",\"matrix\":{$this->matrix->encode()},\"colour\":\"$this->colour\"}";
    }

    public function faded(float $opacity): self
    {
        return new self($this->outline, $this->matrix, $this->colour->faded($opacity));
    }

    public function extent(): ?Box
    {
        return $this->outline->bounds === null ? null : $this->matrix->bounds($this->outline->bounds);
    }

    public function outlines(): iterable
    {
        yield $this->outline;
    }
}
