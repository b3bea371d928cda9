<?php

declare(strict_types=1);

namespace Ricamo\Core\Evaluate;

use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Geometry\Projection;

/** Where a layer stands on a frame: the box of its content in its own space, and the matrix to the composition's. */
final readonly class Pose
{
    /**
     * @param  ?string  $pan  the property by which what is seen in the layer is moved within it, where there is one
     * @param  string  $pulls  the property that its handles change
     * @param  ?Projection  $depth  how the plane is seen that the matrix leads to; null where it is the picture's
     */
    public function __construct(
        public string $layer,
        public Affine $matrix,
        public Box $box,
        public Point $anchor,
        public bool $seen,
        public ?string $pan = null,
        public string $pulls = 'scale',
        public ?Projection $depth = null,
    ) {
    }

    public function unseen(): self
    {
        return new self($this->layer, $this->matrix, $this->box, $this->anchor, false, $this->pan, $this->pulls, $this->depth);
    }

    /** The upright box around it, in composition pixels. */
    public function bounds(): Box
    {
        return $this->depth === null
            ? $this->matrix->bounds($this->box)
            : Box::around(array_map($this->seen(...), $this->box->corners()));
    }

    /** Where a point of the layer's own space is seen, in composition pixels. What is not before the viewer stays at its border. */
    public function seen(Point $point): Point
    {
        $flat = $this->matrix->apply($point);

        return $this->depth === null || $this->depth->distance($flat) < Projection::NEAREST ? $flat : $this->depth->apply($flat);
    }

    /** With the box's corners, clockwise from its top left, and the anchor, in composition pixels; JSON. */
    public function encode(): string
    {
        $box = $this->box;
        $corners = "[{$this->place($box->left, $box->top)},{$this->place($box->right, $box->top)},"
            ."{$this->place($box->right, $box->bottom)},{$this->place($box->left, $box->bottom)}]";
        $anchor = $this->place($this->anchor->x, $this->anchor->y);
        $seen = $this->seen ? 'true' : 'false';
        $pan = $this->pan === null ? '' : ",\"pan\":\"$this->pan\"";

        // An id is made of letters, digits, - and _.
        return "{\"layer\":\"$this->layer\",\"seen\":$seen,\"box\":[$box->left,$box->top,$box->right,$box->bottom],"
            ."\"corners\":$corners,\"anchor\":$anchor,\"pulls\":\"$this->pulls\"$pan}";
    }

    private function place(float $x, float $y): string
    {
        $seen = $this->seen(new Point($x, $y));

        return '['.round($seen->x, 3).','.round($seen->y, 3).']';
    }
}
