<?php

declare(strict_types=1);

namespace Ricamo\Core\Path;

use Ricamo\Core\Geometry\Point;

/** A point of a line, with the handles of the curves that come to it and go from it, as distances from it. */
final readonly class Knot
{
    public function __construct(public Point $at, public Point $in = new Point(0, 0), public Point $out = new Point(0, 0))
    {
    }

    public function isCorner(): bool
    {
        return $this->in->x === 0.0 && $this->in->y === 0.0 && $this->out->x === 0.0 && $this->out->y === 0.0;
    }

    /** Whether the curve goes on in the direction in which it came. */
    public function isSmooth(): bool
    {
        $cross = $this->in->x * $this->out->y - $this->in->y * $this->out->x;

        return $this->in->dot($this->out) < 0
            && abs($cross) <= 1e-3 * hypot($this->in->x, $this->in->y) * hypot($this->out->x, $this->out->y);
    }

    public function reversed(): self
    {
        return new self($this->at, $this->out, $this->in);
    }

    public function mix(self $other, float $t): self
    {
        return new self($this->at->mix($other->at, $t), $this->in->mix($other->in, $t), $this->out->mix($other->out, $t));
    }
}
