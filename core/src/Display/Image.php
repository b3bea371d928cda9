<?php

declare(strict_types=1);

namespace Ricamo\Core\Display;

use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Size;
use Ricamo\Core\Json\Text;

/**
 * One frame of a clip, drawn with its top left corner at the matrix's origin, one pixel of the clip a unit. Whether the
 * clip has alpha is for who plans a render; to draw it, that does not have to be known.
 */
final readonly class Image implements Operation
{
    public function __construct(
        public string $media,
        public int $frame,
        public Size $size,
        public Affine $matrix,
        public float $opacity,
        public bool $alpha,
    ) {
    }

    public function encode(): string
    {
        return Text::object([
            'op' => '"image"',
            'media' => Text::of($this->media),
            'frame' => (string) $this->frame,
            'size' => Text::list([Text::number($this->size->width, 4), Text::number($this->size->height, 4)]),
            'matrix' => $this->matrix->encode(),
            'opacity' => Text::number($this->opacity, 5),
        ]);
    }

    public function faded(float $opacity): self
    {
        return new self($this->media, $this->frame, $this->size, $this->matrix, $this->opacity * $opacity, $this->alpha);
    }

    public function extent(): Box
    {
        return $this->matrix->bounds(new Box(0, 0, $this->size->width, $this->size->height));
    }

    public function addPaths(array &$paths): void
    {
    }
}
