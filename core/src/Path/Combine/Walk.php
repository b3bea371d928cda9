<?php

declare(strict_types=1);

namespace Ricamo\Core\Path\Combine;

use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Path\Contour;
use Ricamo\Core\Path\Knot;

/** A closed line while it is made, from place to place. */
final class Walk
{
    /** @var list<Point> */
    private array $places = [];

    /** @var list<Point> the handle that leads to each */
    private array $in = [];

    /** @var list<Point> the handle that leads from each */
    private array $out = [];

    /** Straight on to a place, if that is another one. */
    public function to(Point $place): void
    {
        $last = $this->places[count($this->places) - 1] ?? null;
        if ($last === null || hypot($last->x - $place->x, $last->y - $place->y) > 1e-6) {
            $this->add($place, new Point(0, 0));
        }
    }

    /** On to a place by a curve, with the handles as distances from where it begins and from where it ends. */
    public function bend(Point $out, Point $in, Point $place): void
    {
        if ($this->out !== []) {
            array_pop($this->out);
            $this->out[] = $out;
        }
        $this->add($place, $in);
    }

    public function line(): ?Contour
    {
        $knots = array_map(fn (Point $at, Point $in, Point $out): Knot => new Knot($at, $in, $out), $this->places, $this->in, $this->out);

        return $knots === [] ? null : new Contour($knots, true);
    }

    private function add(Point $place, Point $in): void
    {
        $this->places[] = $place;
        $this->in[] = $in;
        $this->out[] = new Point(0, 0);
    }
}
