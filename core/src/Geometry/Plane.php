<?php

declare(strict_types=1);

namespace Ricamo\Core\Geometry;

/** A plane in space with coordinates of its own, which may be stretched or aslant; its normal is of length 1. */
final readonly class Plane
{
    /** At right angles to each other and to the normal, of length 1, within the plane: to the right of it and down. */
    private Vector $right;

    private Vector $down;

    /** From the plane's coordinates, counted from its origin, to lengths along those. */
    private Affine $measured;

    /**
     * @param  Vector  $origin  where (0, 0) lies
     * @param  Vector  $x  from there to (1, 0)
     * @param  Vector  $y  from there to (0, 1)
     * @param  Vector  $normal  to one side of it
     */
    private function __construct(public Vector $origin, private Vector $x, private Vector $y, public Vector $normal)
    {
        $this->right = $x->unit(0) ?? $x;
        $this->down = $normal->cross($this->right);
        $this->measured = new Affine(
            $this->right->dot($x), $this->down->dot($x), $this->right->dot($y), $this->down->dot($y), 0, 0,
        );
    }

    /**
     * The plane z = 0 of a space.
     *
     * @param  Vector  $facing  a point on the side that its normal leads to
     * @return ?self null where it is no plane, or that point lies in it
     */
    public static function of(Space $space, Vector $facing): ?self
    {
        $origin = $space->apply(new Vector(0, 0, 0));
        [$x, $y] = [$space->direction(new Vector(1, 0, 0)), $space->direction(new Vector(0, 1, 0))];
        $normal = $x->cross($y)->unit(1e-12);
        $side = $normal?->dot($facing->minus($origin)) ?? 0.0;

        return $normal === null || abs($side) < 1e-6 ? null : new self($origin, $x, $y, $side < 0 ? $normal->times(-1) : $normal);
    }

    /**
     * By what its own coordinates are counted, of a way from its origin that lies in it: x is what that gives with the first, y with the
     * second.
     *
     * @return array{Vector, Vector}
     */
    public function counting(): array
    {
        $back = $this->measured->inverse();

        return [
            $this->right->times($back->a)->plus($this->down->times($back->c)),
            $this->right->times($back->b)->plus($this->down->times($back->d)),
        ];
    }

    /** How long, in the space, what is 1 long in its own coordinates is: the root of how areas grow. */
    public function scale(): float
    {
        return sqrt(abs($this->measured->determinant()));
    }

    /** How far before it a point is, on the side of its normal; negative behind. */
    public function height(Vector $point): float
    {
        return $this->normal->dot($point->minus($this->origin));
    }

    /** Where a point of it lies in space. */
    public function at(Point $point): Vector
    {
        return $this->origin->plus($this->x->times($point->x))->plus($this->y->times($point->y));
    }

    /** The point of it that is straight beneath one in space, in its own coordinates. */
    public function foot(Vector $point): Point
    {
        $away = $point->minus($this->origin);

        return $this->measured->inverse()->apply(new Point($this->right->dot($away), $this->down->dot($away)));
    }

    /**
     * From the circle of radius 1 around the origin to an ellipse around a point of the plane.
     *
     * @param  Vector  $along  where its longer axis lies, as it is seen on the plane
     */
    public function ellipse(Point $around, Vector $along, float $longer, float $shorter): Affine
    {
        $turn = Affine::rotation(rad2deg(atan2($this->down->dot($along), $this->right->dot($along))));

        return Affine::translation($around->x, $around->y)->after($this->measured->inverse())->after($turn)
            ->after(Affine::scaling($longer, $shorter));
    }

    /** From a circle of a radius around the origin to the same around a point of the plane, in its own coordinates. */
    public function around(Point $point, float $radius): Affine
    {
        return Affine::translation($point->x, $point->y)->after($this->measured->inverse())->after(Affine::scaling($radius, $radius));
    }
}
