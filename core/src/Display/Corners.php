<?php

declare(strict_types=1);

namespace Ricamo\Core\Display;

use Ricamo\Core\Colour\Colour;
use Ricamo\Core\Geometry\Affine;

/**
 * Four colours at the corners of the unit square, mixed bilinearly between them as straight sRGB; $matrix leads from there
 * to the outline's space. It is drawn as a square of SIDE × SIDE pixels, with those at its edges on the unit square's edges,
 * scaled up bilinearly; beyond them the edge goes on for half a pixel of these at least.
 */
final readonly class Corners
{
    public const SIDE = 64;

    /** @param  array{Colour, Colour, Colour, Colour}  $colours  top left, top right, bottom left, bottom right */
    public function __construct(public Affine $matrix, public array $colours)
    {
    }

    public function faded(float $opacity): self
    {
        return $this->mapped(fn (Colour $colour): Colour => $colour->faded($opacity));
    }

    /** @param  callable(Colour): Colour  $change of each of its colours */
    public function mapped(callable $change): self
    {
        return new self($this->matrix, array_map(fn (Colour $colour): Colour => $change($colour), $this->colours));
    }

    public function encode(): string
    {
        return "{\"type\":\"corners\",\"matrix\":{$this->matrix->encode()},\"colours\":[\"".implode('","', $this->colours).'"]}';
    }
}
