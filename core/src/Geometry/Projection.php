<?php

declare(strict_types=1);

namespace Ricamo\Core\Geometry;

use Ricamo\Core\Json\Text;

/**
 * How a plane in space is seen: a homography from its coordinates to the pixels that are drawn,
 * (x, y) → ((a·x + b·y + c) / w, (d·x + e·y + f) / w), where w = g·x + h·y + i is how many times farther away than the picture a point is.
 */
final readonly class Projection
{
    /** What is nearer to the viewer than this share of the way to the picture is not drawn. */
    public const NEAREST = 0.05;

    public function __construct(
        public float $a, public float $b, public float $c,
        public float $d, public float $e, public float $f,
        public float $g, public float $h, public float $i,
    ) {
    }

    /** How far away a point is, in distances to the picture: 0 where the viewer is, negative behind. */
    public function distance(Point $point): float
    {
        return $this->g * $point->x + $this->h * $point->y + $this->i;
    }

    /** Where a point is seen; it has to lie before the viewer. */
    public function apply(Point $point): Point
    {
        $w = $this->distance($point);

        return new Point(
            ($this->a * $point->x + $this->b * $point->y + $this->c) / $w, ($this->d * $point->x + $this->e * $point->y + $this->f) / $w,
        );
    }

    /** First $first, then this. */
    public function after(Affine $first): self
    {
        return new self(
            $this->a * $first->a + $this->b * $first->b, $this->a * $first->c + $this->b * $first->d,
            $this->a * $first->e + $this->b * $first->f + $this->c,
            $this->d * $first->a + $this->e * $first->b, $this->d * $first->c + $this->e * $first->d,
            $this->d * $first->e + $this->e * $first->f + $this->f,
            $this->g * $first->a + $this->h * $first->b, $this->g * $first->c + $this->h * $first->d,
            $this->g * $first->e + $this->h * $first->f + $this->i,
        );
    }

    /** First this, then $next. */
    public function before(Affine $next): self
    {
        return new self(
            $next->a * $this->a + $next->c * $this->d + $next->e * $this->g,
            $next->a * $this->b + $next->c * $this->e + $next->e * $this->h,
            $next->a * $this->c + $next->c * $this->f + $next->e * $this->i,
            $next->b * $this->a + $next->d * $this->d + $next->f * $this->g,
            $next->b * $this->b + $next->d * $this->e + $next->f * $this->h,
            $next->b * $this->c + $next->d * $this->f + $next->f * $this->i,
            $this->g, $this->h, $this->i,
        );
    }

    /** The same as a flat matrix where the plane is parallel to the picture, and before the viewer; null where it is not. */
    public function upright(): ?Affine
    {
        return abs($this->g) > 1e-12 || abs($this->h) > 1e-12 || abs($this->i) < 1e-9 ? null : new Affine(
            $this->a / $this->i, $this->d / $this->i, $this->b / $this->i, $this->e / $this->i, $this->c / $this->i, $this->f / $this->i,
        );
    }

    /** How many times larger than on the plane what is around a point is seen, by its sides: the root of how its area grows. */
    public function enlargement(Point $point): float
    {
        return sqrt(abs($this->determinant()) / max(self::NEAREST, $this->distance($point)) ** 3);
    }

    /**
     * The part of a box on the plane that is seen within a frame, before the viewer.
     *
     * @return list<Point> its corners; none where nothing of it is
     */
    public function within(Box $plane, Box $frame): array
    {
        $points = Cut::of($plane->corners(), fn (Point $point): float => $this->distance($point) - self::NEAREST);
        foreach ([[1, $frame->left], [-1, $frame->right]] as [$sign, $side]) {
            $points = Cut::of($points, fn (Point $point): float => $sign * (
                ($this->a - $side * $this->g) * $point->x + ($this->b - $side * $this->h) * $point->y + $this->c - $side * $this->i
            ));
        }
        foreach ([[1, $frame->top], [-1, $frame->bottom]] as [$sign, $side]) {
            $points = Cut::of($points, fn (Point $point): float => $sign * (
                ($this->d - $side * $this->g) * $point->x + ($this->e - $side * $this->h) * $point->y + $this->f - $side * $this->i
            ));
        }

        return $points;
    }

    /** From where something is seen to where it is on the plane: by the adjugate matrix. */
    public function inverse(): self
    {
        return new self(
            $this->e * $this->i - $this->f * $this->h, $this->c * $this->h - $this->b * $this->i, $this->b * $this->f - $this->c * $this->e,
            $this->f * $this->g - $this->d * $this->i, $this->a * $this->i - $this->c * $this->g, $this->c * $this->d - $this->a * $this->f,
            $this->d * $this->h - $this->e * $this->g, $this->b * $this->g - $this->a * $this->h, $this->a * $this->e - $this->b * $this->d,
        );
    }

    /** What becomes of a small way around a point: the derivative of `apply`, as a matrix without an offset. */
    public function around(Point $point): Affine
    {
        $w = $this->distance($point);
        $seen = $this->apply($point);

        return new Affine(
            ($this->a - $seen->x * $this->g) / $w, ($this->d - $seen->y * $this->g) / $w,
            ($this->b - $seen->x * $this->h) / $w, ($this->e - $seen->y * $this->h) / $w,
        );
    }

    /** As nine numbers, row by row. */
    public function encode(): string
    {
        $numbers = array_map(
            fn (float $value): string => Text::number($value, 12),
            [$this->a, $this->b, $this->c, $this->d, $this->e, $this->f, $this->g, $this->h, $this->i],
        );

        return Text::list($numbers);
    }

    /** Whether the plane is seen from its edge, so that nothing of it is seen. */
    public function isEdgeOn(): bool
    {
        return ! is_finite($this->determinant()) || abs($this->determinant()) < 1e-7;
    }

    private function determinant(): float
    {
        return $this->a * ($this->e * $this->i - $this->f * $this->h)
            - $this->b * ($this->d * $this->i - $this->f * $this->g)
            + $this->c * ($this->d * $this->h - $this->e * $this->g);
    }
}
