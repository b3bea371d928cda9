<?php

declare(strict_types=1);

namespace Ricamo\Core\Evaluate;

use Ricamo\Core\Colour\Colour;
use Ricamo\Core\Geometry\Point;

/** What the patches of a layer look like at a moment. */
final readonly class PatchLook
{
    /**
     * @param  float  $edge  how wide the line is along its edge, inside, in the layer's pixels, as all lengths are
     * @param  Point  $away  by how much the shadow is moved
     */
    public function __construct(
        public float $gap,
        public float $rounding,
        public float $edge,
        public Colour $edgeColour,
        public Colour $shadow,
        public Point $away,
        public float $softness,
    ) {
    }

    public static function none(): self
    {
        return new self(0.0, 0.0, 0.0, new Colour(0, 0, 0, 0), new Colour(0, 0, 0, 0), new Point(0, 0), 0.0);
    }

    /** Whether patches have sharp corners and nothing along their edges, so that the outer ones may reach beyond the picture. */
    public function isPlain(): bool
    {
        return $this->rounding <= 0 && $this->edge <= 0;
    }

    /** Whether patches that rest together are the picture itself. */
    public function isBare(): bool
    {
        return $this->gap <= 0 && $this->rounding <= 0 && $this->edge <= 0 && ! $this->shadow->isVisible();
    }
}
