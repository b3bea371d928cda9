<?php

declare(strict_types=1);

namespace Ricamo\Core\Display;

use Ricamo\Core\Colour\Colour;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Box;

/** The inside of an outline in one colour or a gradient. */
final class Fill implements Operation
{
    /** As it is written and what it can touch, once that has been asked for: letters that rest are the same on every frame. */
    private ?string $encoded = null;

    private ?Box $extent = null;

    public function __construct(
        public readonly Outline $outline,
        public readonly Affine $matrix,
        public readonly Colour|Gradient|Corners|Grain $paint,
        public readonly FillRule $rule = FillRule::NonZero,
    ) {
    }

    public function encode(): string
    {
        if ($this->encoded !== null) {
            return $this->encoded;
        }
        $paint = $this->paint instanceof Colour ? "\"colour\":\"$this->paint\"" : "\"gradient\":{$this->paint->encode()}";
        $rule = $this->rule === FillRule::NonZero ? '' : ",\"rule\":\"{$this->rule->value}\"";

        return $this->encoded = "{\"op\":\"fill\",\"path\":\"{$this->outline->key}\",\"matrix\":{$this->matrix->encode()},$paint$rule}";
    }

    public function faded(float $opacity): self
    {
        return new self($this->outline, $this->matrix, $this->paint->faded($opacity), $this->rule);
    }

    public function extent(): ?Box
    {
        return $this->extent ??= $this->outline->bounds === null ? null : $this->matrix->bounds($this->outline->bounds);
    }

    public function addPaths(array &$paths): void
    {
        $paths[$this->outline->key] = $this->outline->data;
    }
}
