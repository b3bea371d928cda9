<?php

declare(strict_types=1);

namespace Ricamo\Core\Display;

use Ricamo\Core\Colour\Colour;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Box;

/** A line along an outline, half its width on either side; the matrix bends the pen as well as the path. */
final readonly class Stroke implements Operation
{
    public function __construct(public Outline $outline, public Affine $matrix, public Colour|Gradient|Corners $paint, public Pen $pen)
    {
    }

    public function encode(): string
    {
        $paint = $this->paint instanceof Colour ? "\"colour\":\"$this->paint\"" : "\"gradient\":{$this->paint->encode()}";

        return "{\"op\":\"stroke\",\"path\":\"{$this->outline->key}\",\"matrix\":{$this->matrix->encode()},$paint,{$this->pen->encode()}}";
    }

    public function faded(float $opacity): self
    {
        return new self($this->outline, $this->matrix, $this->paint->faded($opacity), $this->pen);
    }

    public function extent(): ?Box
    {
        return $this->outline->bounds === null ? null : $this->matrix->bounds($this->outline->bounds->grown($this->pen->reach()));
    }

    public function addPaths(array &$paths): void
    {
        $paths[$this->outline->key] = $this->outline->data;
    }
}
