<?php

declare(strict_types=1);

namespace Ricamo\Core\Drawing;

use Ricamo\Core\Display\Operation;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Box;
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

    /** The box around it in the space that a matrix leads to from the drawing's pixels; null where nothing is drawn. */
    abstract public function bounds(Affine $matrix): ?Box;

    /** @param  list<self>  $parts */
    public static function boundsOf(array $parts, Affine $matrix): ?Box
    {
        return array_reduce($parts, function (?Box $all, self $part) use ($matrix): ?Box {
            $box = $part->bounds($matrix);

            return $box === null ? $all : ($all?->union($box) ?? $box);
        });
    }

    public static function read(Node $node): self
    {
        return $node->has('parts') ? DrawnGroup::read($node) : DrawnShape::read($node);
    }
}
