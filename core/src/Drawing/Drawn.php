<?php

namespace Ricamo\Core\Drawing;

use Ricamo\Core\Display\Operation;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Json\Node;

/** A part of a drawing: a shape, or parts that are seen as one. */
abstract readonly class Drawn
{
    /** @return array<string, mixed> */
    abstract public function toJson(): array;

    /** @return list<Operation> */
    abstract public function operations(Affine $matrix): array;

    /** @param  float  $fineness  units to a pixel of the drawing */
    abstract public function finer(float $fineness): static;

    public static function read(Node $node): self
    {
        return $node->has('parts') ? DrawnGroup::read($node) : DrawnShape::read($node);
    }
}
