<?php

declare(strict_types=1);

namespace Ricamo\Core\Geometry;

/**
 * The projective map that leads the unit square to a convex quadrilateral, as a flat picture is seen in perspective. By the closed
 * form of Paul S. Heckbert, "Fundamentals of Texture Mapping and Image Warping" (1989), section 2.2.3.
 */
final readonly class Homography
{
    private function __construct(
        private float $a, private float $b, private float $c,
        private float $d, private float $e, private float $f,
        private float $g, private float $h,
    ) {
    }

    /**
     * @param  Point  $topLeft  where (0, 0) comes to be; the others in clockwise order
     * @return ?self  null where the four do not enclose a convex area in that order: no flat picture is ever seen so
     */
    public static function of(Point $topLeft, Point $topRight, Point $bottomRight, Point $bottomLeft): ?self
    {
        if (! self::isConvex([$topLeft, $topRight, $bottomRight, $bottomLeft])) {
            return null;
        }
        [$one, $two] = [$topRight->minus($bottomRight), $bottomLeft->minus($bottomRight)];
        $sum = $topLeft->minus($topRight)->plus($bottomRight)->minus($bottomLeft);
        $determinant = $one->x * $two->y - $two->x * $one->y;
        $g = ($sum->x * $two->y - $two->x * $sum->y) / $determinant;
        $h = ($one->x * $sum->y - $sum->x * $one->y) / $determinant;

        return new self(
            $topRight->x - $topLeft->x + $g * $topRight->x, $bottomLeft->x - $topLeft->x + $h * $bottomLeft->x, $topLeft->x,
            $topRight->y - $topLeft->y + $g * $topRight->y, $bottomLeft->y - $topLeft->y + $h * $bottomLeft->y, $topLeft->y,
            $g, $h,
        );
    }

    /** Where a point of the square's plane comes to be; only where `nearness` is positive. */
    public function apply(float $u, float $v): Point
    {
        $nearness = $this->nearness($u, $v);

        return new Point(($this->a * $u + $this->b * $v + $this->c) / $nearness, ($this->d * $u + $this->e * $v + $this->f) / $nearness);
    }

    /** How far in front of the horizon a point is: 1 at (0, 0), 0 on the horizon, negative beyond it. */
    public function nearness(float $u, float $v): float
    {
        return $this->g * $u + $this->h * $v + 1;
    }

    /** @param  array{Point, Point, Point, Point}  $corners */
    private static function isConvex(array $corners): bool
    {
        $turns = [];
        foreach ($corners as $index => $corner) {
            $in = $corner->minus($corners[($index + 3) % 4]);
            $out = $corners[($index + 1) % 4]->minus($corner);
            $turns[] = $in->x * $out->y - $in->y * $out->x;
        }

        // Less than a square pixel at any corner cannot be told from a line.
        return min($turns) > 1 || max($turns) < -1;
    }
}
