<?php

namespace Ricamo\Core\Display;

use Ricamo\Core\Colour\Colour;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Json\Text;

/** A line along an outline, half its width on either side; the matrix bends the pen as well as the path. */
final readonly class Stroke implements Operation
{
    /** Beyond this many half widths a pointed corner is cut off: the default of SVG's stroke-miterlimit. */
    public const MITER_LIMIT = 4;

    /** @param  float  $width in the outline's own units */
    public function __construct(
        public Outline $outline,
        public Affine $matrix,
        public Colour $colour,
        public float $width,
        public Join $join,
    ) {
    }

    public function encode(): string
    {
        $width = Text::number($this->width, 4);

        return "{\"op\":\"stroke\",\"path\":\"{$this->outline->key}\",\"matrix\":{$this->matrix->encode()},\"colour\":\"$this->colour\",\"width\":$width,\"join\":\"{$this->join->value}\"}";
    }

    public function faded(float $opacity): self
    {
        return new self($this->outline, $this->matrix, $this->colour->faded($opacity), $this->width, $this->join);
    }

    public function extent(): ?Box
    {
        $reach = $this->width / 2 * ($this->join === Join::Miter ? self::MITER_LIMIT : 1);

        return $this->outline->bounds === null ? null : $this->matrix->bounds($this->outline->bounds->grown($reach));
    }

    public function outlines(): iterable
    {
        yield $this->outline;
    }
}
