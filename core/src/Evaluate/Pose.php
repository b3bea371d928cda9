<?php

namespace Ricamo\Core\Evaluate;

use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Point;

/** Where a layer stands on a frame: the box of its content in its own space, and the matrix to the composition's. */
final readonly class Pose
{
    public function __construct(public string $layer, public Affine $matrix, public Box $box, public Point $anchor, public bool $seen)
    {
    }

    /** The upright box around it, in composition pixels. */
    public function bounds(): Box
    {
        return $this->matrix->bounds($this->box);
    }

    /** @return array<string, mixed> the box's corners, clockwise from its top left, and the anchor, in composition pixels */
    public function toJson(): array
    {
        $box = $this->box;

        return [
            'layer' => $this->layer,
            'seen' => $this->seen,
            'box' => $box->toJson(),
            'corners' => [
                $this->place($box->left, $box->top),
                $this->place($box->right, $box->top),
                $this->place($box->right, $box->bottom),
                $this->place($box->left, $box->bottom),
            ],
            'anchor' => $this->place($this->anchor->x, $this->anchor->y),
        ];
    }

    /** @return array{float, float} */
    private function place(float $x, float $y): array
    {
        $placed = $this->matrix->apply(new Point($x, $y));

        return [round($placed->x, 3), round($placed->y, 3)];
    }
}
