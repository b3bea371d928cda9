<?php

declare(strict_types=1);

namespace Ricamo\Core\Kind\Solid;

use Ricamo\Core\Colour\Colour;
use Ricamo\Core\Display\Shaded;
use Ricamo\Core\Document\Light;
use Ricamo\Core\Geometry\Plane;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Geometry\Projection;
use Ricamo\Core\Geometry\Space;
use Ricamo\Core\Geometry\Vector;
use Ricamo\Core\Kind\Lighting;

/** The sides of something thick, in parts between two neighbours of its outline: those that are turned to the viewer, as they are lit. */
final readonly class Walls
{
    /** How far sides reach beneath the face and beneath one another, in drawn pixels, so that nothing is seen between. */
    private const BENEATH = 1.0;

    /** In so many parts the longest straight side is cut, and others likewise, so that each is covered by what is nearer. */
    private const PARTS = 12;

    /** What is no longer than this is not cut, in drawn pixels. */
    private const SHORT = 8.0;

    /** Where the viewer is, as it is drawn on the plane and as many pixels away. */
    private Vector $eyeHere;

    private Lighting $lighting;

    /** From the front to the back, in the composition's space. */
    private Vector $back;

    /**
     * @param  Space  $plane  from what is drawn on it to the composition's space
     * @param  float  $thickness  in drawn pixels
     * @param  array{Projection, Projection}  $faces  how front and back are seen
     * @param  ?float  $face  which of them is turned to the viewer: 0 for the front, 1 for the back; null for none
     * @param  Vector  $eye  where the viewer is, in the composition's space
     * @param  list<Light>  $lights
     */
    public function __construct(
        private Space $plane, private float $thickness, private array $faces, private ?float $face, private Vector $eye,
        private Colour $colour, array $lights,
    ) {
        $this->eyeHere = $plane->inverse()->apply($eye);
        $this->lighting = new Lighting($lights, $eye);
        $this->back = $plane->direction(new Vector(0, 0, $thickness));
    }

    /** @return list<Wall> */
    public function of(Body $body): array
    {
        $walls = [];
        foreach ($body->polygons->all as $index => $points) {
            $empty = $body->polygons->emptySide($index, $body->isEvenOdd);
            array_push($walls, ...($empty === 0 ? [] : $this->along(self::parted($points), $empty)));
        }

        return $walls;
    }

    /**
     * @param  list<Point>  $points  around
     * @param  int  $empty  on which side there is nothing: 1 for the left of that way, -1 for the right
     * @return list<Wall>
     */
    private function along(array $points, int $empty): array
    {
        $count = count($points);
        $isTurnedHere = [];
        foreach ($points as $index => $from) {
            $to = $points[($index + 1) % $count];
            $left = ($to->y - $from->y) * ($this->eyeHere->x - $from->x) - ($to->x - $from->x) * ($this->eyeHere->y - $from->y);
            $isTurnedHere[] = $empty * $left > 0;
        }
        $walls = [];
        foreach ($points as $index => $from) {
            $to = $points[($index + 1) % $count];
            $corners = $isTurnedHere[$index]
                ? $this->corners($from, $to, $empty, $isTurnedHere[($index + $count - 1) % $count], $isTurnedHere[($index + 1) % $count])
                : null;
            if ($corners !== null) {
                $middle = new Vector(($from->x + $to->x) / 2, ($from->y + $to->y) / 2, $this->thickness / 2);
                $away = $this->plane->apply($middle)->minus($this->eye)->length();
                $walls[] = new Wall($corners, $this->lighting->isNone() ? $this->colour : $this->lit($from, $to), $away);
            }
        }

        return $walls;
    }

    /**
     * @param  non-empty-list<Point>  $points  around
     * @return list<Point> no two of them too far from one another
     */
    private static function parted(array $points): array
    {
        $lengths = [];
        foreach ($points as $index => $point) {
            $next = $points[($index + 1) % count($points)];
            $lengths[] = hypot($next->x - $point->x, $next->y - $point->y);
        }
        $longest = max(self::SHORT, max($lengths) / self::PARTS);
        $parted = [];
        foreach ($points as $index => $point) {
            $next = $points[($index + 1) % count($points)];
            $parts = max(1, (int) ceil($lengths[$index] / $longest - 1e-9));
            for ($part = 0; $part < $parts; $part++) {
                $parted[] = $part === 0 ? $point : $point->mix($next, $part / $parts);
            }
        }

        return $parted;
    }

    /**
     * Where a wall is seen.
     *
     * @param  int  $empty  on which side there is nothing, as above
     * @param  bool  $goesOn  whether the wall before it on the outline is seen, too
     * @param  bool  $isFollowed  whether the wall after it is
     * @return ?non-empty-list<Point> around, clockwise; null where some of it is not before the viewer
     */
    private function corners(Point $from, Point $to, int $empty, bool $goesOn, bool $isFollowed): ?array
    {
        [$front, $back] = $this->faces;
        foreach ($this->faces as $one) {
            if ($one->distance($from) < Projection::NEAREST || $one->distance($to) < Projection::NEAREST) {
                return null;
            }
        }
        [$a, $b, $c, $d] = [$front->apply($from), $front->apply($to), $back->apply($to), $back->apply($from)];
        if ($this->face !== null) {
            $face = $this->faces[(int) $this->face];
            $within = $face->around($from)->apply(new Point(-$empty * ($to->y - $from->y), $empty * ($to->x - $from->x)));
            [$a, $b, $c, $d] = $this->face === 0.0
                ? [...self::beneath($a, $b, $within), $c, $d]
                : [$a, $b, ...self::beneath($c, $d, $within)];
        }
        $corners = [
            $goesOn ? self::beyond($a, $b) : $a, $isFollowed ? self::beyond($b, $a) : $b,
            $isFollowed ? self::beyond($c, $d) : $c, $goesOn ? self::beyond($d, $c) : $d,
        ];
        $area = ($corners[2]->x - $corners[0]->x) * ($corners[3]->y - $corners[1]->y)
            - ($corners[3]->x - $corners[1]->x) * ($corners[2]->y - $corners[0]->y);

        return $area < 0 ? array_reverse($corners) : $corners;
    }

    /**
     * The edge of a face, a little within it.
     *
     * @param  Point  $within  a way that leads there
     * @return array{Point, Point}
     */
    private static function beneath(Point $from, Point $to, Point $within): array
    {
        $length = hypot($to->x - $from->x, $to->y - $from->y);
        if ($length < 1e-9) {
            return [$from, $to];
        }
        $across = new Point(($from->y - $to->y) / $length, ($to->x - $from->x) / $length);
        $by = $across->times($across->x * $within->x + $across->y * $within->y < 0 ? -self::BENEATH : self::BENEATH);

        return [$from->plus($by), $to->plus($by)];
    }

    /** A point a little farther from another than it is. */
    private static function beyond(Point $point, Point $from): Point
    {
        $away = hypot($from->x - $point->x, $from->y - $point->y);

        return $away < 1e-6 ? $point : $point->mix($from, -self::BENEATH / $away);
    }

    /** Its colour as lights fall on it. */
    private function lit(Point $from, Point $to): Colour
    {
        $along = $this->plane->direction(new Vector($to->x - $from->x, $to->y - $from->y, 0));
        $across = $along->cross($this->back);
        $wall = Plane::of(Space::along(
            new Vector($along->x, $this->back->x, $across->x), new Vector($along->y, $this->back->y, $across->y),
            new Vector($along->z, $this->back->z, $across->z), $this->plane->apply(new Vector($from->x, $from->y, 0)),
        ), $this->eye);

        return $wall === null ? $this->colour : Shaded::colour($this->colour, $this->lighting->at($wall, new Point(0.5, 0.5)));
    }
}
