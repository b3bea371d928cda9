<?php

declare(strict_types=1);

namespace Ricamo\Core\Move;

use Ricamo\Core\Display\Filter\Filter;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Path;

/** What a move makes of a layer's pose at a moment: a matrix over it, an opacity, where it is seen at all, and what is done to it. */
final readonly class Change
{
    /**
     * @param  Affine  $matrix  in composition pixels, after the layer's own
     * @param  float  $opacity  0..1, of its own
     * @param  list<Path>  $clips  in composition pixels; it is seen only inside all of them
     * @param  list<Filter>  $filters  done to what it shows, in composition pixels
     */
    public function __construct(
        public Affine $matrix = new Affine,
        public float $opacity = 1.0,
        public array $clips = [],
        public array $filters = [],
    ) {
    }

    public static function moved(Affine $matrix, float $opacity = 1.0): self
    {
        return new self($matrix, max(0.0, min(1.0, $opacity)));
    }

    /** Both at once: first this, then the other. */
    public function and(self $other): self
    {
        return new self(
            $other->matrix->after($this->matrix),
            $this->opacity * $other->opacity,
            [...$this->clips, ...$other->clips],
            [...$this->filters, ...$other->filters],
        );
    }
}
