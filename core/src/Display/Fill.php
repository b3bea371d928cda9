<?php

namespace Ricamo\Core\Display;

use Ricamo\Core\Colour\Colour;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Box;

/** The inside of an outline in one colour or a gradient. */
final readonly class Fill implements Operation
{
    public function __construct(
        public Outline $outline,
        public Affine $matrix,
        public Colour|Gradient|Corners|Grain $paint,
        public FillRule $rule = FillRule::NonZero,
    ) {
    }

    public function encode(): string
    {
        $paint = $this->paint instanceof Colour ? "\"colour\":\"$this->paint\"" : "\"gradient\":{$this->paint->encode()}";
        $rule = $this->rule === FillRule::NonZero ? '' : ",\"rule\":\"{$this->rule->value}\"";

        return "{\"op\":\"fill\",\"path\":\"{$this->outline->key}\",\"matrix\":{$this->matrix->encode()},$paint$rule}";
    }

    public function faded(float $opacity): self
    {
        return new self($this->outline, $this->matrix, $this->paint->faded($opacity), $this->rule);
    }

    public function extent(): ?Box
    {
        return $this->outline->bounds === null ? null : $this->matrix->bounds($this->outline->bounds);
    }

    public function addPaths(array &$paths): void
    {
        $paths[$this->outline->key] = $this->outline->data;
    }
}
