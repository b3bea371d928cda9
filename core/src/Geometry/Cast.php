<?php

declare(strict_types=1);

namespace Ricamo\Core\Geometry;

/**
 * Where the shadow of a point falls on a plane, from a point light or along one direction. In homogeneous coordinates each of the
 * shadow's is a plain sum of those of the point (Blinn, "Me and My (Fake) Shadow", 1988): a light h before the plane throws that of a
 * point q which is k before it to q − (light − q) · k / (h − k).
 */
final readonly class Cast
{
    /**
     * @param  Vector  $origin  of the plane's coordinates
     * @param  Vector  $normal  of length 1, on the side of the light
     * @param  Vector  $right  what its first coordinate counts
     * @param  Vector  $down  what its second counts
     * @param  Vector  $way  from a point straight before the plane by 1 to its shadow, as it is divided below
     * @param  float  $height  how far before it the light is; infinite for one direction
     */
    private function __construct(
        private Vector $origin, private Vector $normal, private Vector $right, private Vector $down, private Vector $way,
        private float $height,
    ) {
    }

    /** @return ?self null where the light is not before the plane */
    public static function from(Plane $plane, Vector $light): ?self
    {
        $height = $plane->height($light);

        return $height < 1e-6 ? null : self::onto($plane, $plane->origin->minus($light)->times(1 / $height), $height);
    }

    /**
     * @param  Vector  $way  in which it shines, of length 1
     * @return ?self null where it does not come from before the plane
     */
    public static function along(Plane $plane, Vector $way): ?self
    {
        $down = -$plane->normal->dot($way);

        return $down < 1e-6 ? null : self::onto($plane, $way->times(1 / $down), INF);
    }

    private static function onto(Plane $plane, Vector $way, float $height): self
    {
        [$right, $down] = $plane->counting();

        return new self($plane->origin, $plane->normal, $right, $down, $way, $height);
    }

    /** How far before the plane a point is; negative behind. */
    public function before(Vector $point): float
    {
        return $this->normal->dot($point->minus($this->origin));
    }

    /**
     * Where the shadow of what lies on another plane falls.
     *
     * @param  Space  $plane  from that to the space
     */
    public function of(Space $plane): Projection
    {
        $zero = $plane->apply(new Vector(0, 0, 0));
        $rows = array_map(fn (Vector $way): array => $this->sums($way), [
            $plane->direction(new Vector(1, 0, 0)), $plane->direction(new Vector(0, 1, 0)), $zero->minus($this->origin),
        ]);
        [[$a, $d, $g], [$b, $e, $h], [$c, $f, $i]] = $rows;

        return new Projection($a, $b, $c, $d, $e, $f, $g, $h, 1 + $i);
    }

    /** @return array{float, float, float} both coordinates of the shadow, and what they are divided by, without its constant */
    private function sums(Vector $way): array
    {
        $before = $this->normal->dot($way);
        $there = $way->plus($this->way->times($before));

        return [$this->right->dot($there), $this->down->dot($there), is_infinite($this->height) ? 0.0 : -$before / $this->height];
    }
}
