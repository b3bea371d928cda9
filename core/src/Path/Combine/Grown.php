<?php

declare(strict_types=1);

namespace Ricamo\Core\Path\Combine;

use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Path\Contour;
use Ricamo\Core\Path\Contours;
use Ricamo\Core\Path\Knot;
use Ricamo\Core\Path\Segment;
use Ricamo\Core\Refusal;

/**
 * A shape with its edge moved outwards or inwards by the same distance everywhere. Each line is followed at that distance, with a
 * join at the corners that open and by way of the corner at those that close; what is gone round forwards then is the result.
 */
final readonly class Grown
{
    /** How far a curve may be from where it belongs, in pixels. */
    private const TOLERANCE = 0.02;

    /** So often a curve is halved to be that near. */
    private const DEEPEST = 9;

    /** How far a place on it may be along it from where it is looked for, in pixels. */
    private const ALONG = 0.25;

    /** Sharp corners are round after all where they would reach farther than so many times the distance. */
    private const MITER_LIMIT = 4.0;

    /** How much nearer than it should be a place may be, in pixels, by the places that are looked at on each curve. */
    private const NEAR = 0.5;

    private const PARTS = 50;

    private function __construct(private float $by, private CornerStyle $corners)
    {
    }

    /**
     * @param  float  $by  in the path's pixels; less than nought for inwards
     *
     * @throws Refusal for more points than can be handled
     */
    public static function of(Contours $shape, float $by, CornerStyle $corners): Contours
    {
        // With all of its lines going round what is inside, and none crossing another.
        $plain = Arrangement::of([$shape], Combining::Union->holds(...));
        $grown = new self($by, $corners);
        $lines = array_values(array_filter(array_map($grown->line(...), $plain->all)));
        $made = Arrangement::of([new Contours($lines)], fn (array $windings): bool => $windings[0] > 0);

        return new Contours(array_values(array_filter($made->all, fn (Contour $line): bool => $grown->isFarEnough($line, $plain))));
    }

    /** A round line that has shrunk beyond its middle goes round forwards again, nearer than it should be: it is none. */
    private function isFarEnough(Contour $line, Contours $shape): bool
    {
        foreach ($line->segments() as $segment) {
            $place = $segment->at(0.5);
            if (self::distance($shape, $place) > abs($this->by) - self::NEAR) {
                return true;
            }
        }

        return false;
    }

    private static function distance(Contours $shape, Point $place): float
    {
        $least = INF;
        foreach ($shape->all as $line) {
            foreach ($line->segments() as $segment) {
                for ($part = 0; $part < self::PARTS; $part++) {
                    $at = $segment->at($part / self::PARTS);
                    $least = min($least, hypot($at->x - $place->x, $at->y - $place->y));
                }
            }
        }

        return $least;
    }

    private function line(Contour $line): ?Contour
    {
        $segments = array_values(array_filter($line->segments(), fn (Segment $one): bool => $one->length() > 1e-6));
        $trail = new Walk;
        foreach ($segments as $index => $segment) {
            $next = $segments[($index + 1) % count($segments)];
            foreach ($this->parallel($segment, 0) as [$a, $b, $c, $d]) {
                $trail->to($a);
                if (self::isStraight($a, $b, $c, $d)) {
                    $trail->to($d);
                } else {
                    $trail->bend($b->minus($a), $c->minus($d), $d);
                }
            }
            $this->corner(
                $trail, new Point($segment->x3, $segment->y3), self::unit($segment->direction(1.0)), self::unit($next->direction(0.0)),
            );
        }

        return $trail->line();
    }

    /**
     * One curve beside another: with the same directions at its ends, and as fast as what goes round the same middle there. Halved
     * until the places between are as far away as they should be.
     *
     * @return non-empty-list<array{Point, Point, Point, Point}>
     */
    private function parallel(Segment $segment, int $depth): array
    {
        [$begin, $end] = [self::unit($segment->direction(0.0)), self::unit($segment->direction(1.0))];
        [$a, $d] = [$this->beside($segment, 0.0), $this->beside($segment, 1.0)];
        [$first, $last] = [$this->pace($segment, 0.0) / 3, $this->pace($segment, 1.0) / 3];
        $curve = [
            $a,
            new Point($a->x + $begin->x * $first, $a->y + $begin->y * $first),
            new Point($d->x - $end->x * $last, $d->y - $end->y * $last),
            $d,
        ];
        if ($depth < self::DEEPEST && ! $this->isBeside($segment, $curve)) {
            [$one, $other] = $segment->split(0.5);

            return [...$this->parallel($one, $depth + 1), ...$this->parallel($other, $depth + 1)];
        }

        return [$curve];
    }

    /** @param  array{Point, Point, Point, Point}  $curve */
    private function isBeside(Segment $segment, array $curve): bool
    {
        $made = Segment::between(new Knot($curve[0], out: $curve[1]->minus($curve[0])), new Knot($curve[3], $curve[2]->minus($curve[3])));
        foreach ([0.25, 0.5, 0.75] as $t) {
            $off = $made->at($t)->minus($this->beside($segment, $t));
            $way = self::unit($segment->direction($t));
            if (abs($off->x * $way->y - $off->y * $way->x) > self::TOLERANCE || abs($off->dot($way)) > self::ALONG) {
                return false;
            }
        }

        return true;
    }

    /** The place at the distance to the left of it, which is outside. */
    private function beside(Segment $segment, float $t): Point
    {
        [$at, $way] = [$segment->at($t), self::unit($segment->direction($t))];

        return new Point($at->x + $way->y * $this->by, $at->y - $way->x * $this->by);
    }

    /** How fast the place beside it goes: as much faster as its circle is larger; backwards where it would turn in on itself. */
    private function pace(Segment $segment, float $t): float
    {
        $way = $segment->direction($t);
        $speed = hypot($way->x, $way->y);
        // Its second derivative.
        $x = 6 * ((1 - $t) * ($segment->x2 - 2 * $segment->x1 + $segment->x0) + $t * ($segment->x3 - 2 * $segment->x2 + $segment->x1));
        $y = 6 * ((1 - $t) * ($segment->y2 - 2 * $segment->y1 + $segment->y0) + $t * ($segment->y3 - 2 * $segment->y2 + $segment->y1));
        $turn = $speed < 1e-9 ? 0.0 : ($way->x * $y - $way->y * $x) / $speed ** 2;

        return $speed + $turn * $this->by;
    }

    /**
     * @param  Walk  $trail  as far as the line beside one segment goes
     * @param  Point  $came  the direction in which the line comes to a corner, and then that in which it goes on
     */
    private function corner(Walk $trail, Point $at, Point $came, Point $goes): void
    {
        $cross = $came->x * $goes->y - $came->y * $goes->x;
        $dot = $came->dot($goes);
        if (abs($cross) < 1e-3 && $dot > 0) {
            return;
        }
        $to = new Point($at->x + $goes->y * $this->by, $at->y - $goes->x * $this->by);
        if ($cross * $this->by < 0) {
            $trail->to($at);
            $trail->to($to);
        } elseif ($this->corners === CornerStyle::Round || $dot < 2 / self::MITER_LIMIT ** 2 - 1) {
            $this->arc($trail, $at, $came, atan2($cross, $dot));
        } else {
            // Between both normals, as far out as the parallels meet.
            $reach = $this->by / (1 + $dot);
            $trail->to(new Point($at->x + ($came->y + $goes->y) * $reach, $at->y - ($came->x + $goes->x) * $reach));
        }
    }

    /** @param  float  $turn  in radians, clockwise */
    private function arc(Walk $trail, Point $middle, Point $came, float $turn): void
    {
        $parts = max(1, (int) ceil(abs($turn) / (M_PI / 2) - 1e-9));
        $step = $turn / $parts;
        // 4/3 · tan(angle / 4): the handles of a cubic that is a part of a circle.
        $handle = 4 / 3 * tan($step / 4) * $this->by;
        $begin = atan2($came->y, $came->x);
        for ($part = 1; $part <= $parts; $part++) {
            [$from, $to] = [$begin + ($part - 1) * $step, $begin + $part * $step];
            $trail->bend(
                new Point(cos($from) * $handle, sin($from) * $handle), new Point(-cos($to) * $handle, -sin($to) * $handle),
                new Point($middle->x + sin($to) * $this->by, $middle->y - cos($to) * $this->by),
            );
        }
    }

    private static function isStraight(Point $a, Point $b, Point $c, Point $d): bool
    {
        [$x, $y] = [$d->x - $a->x, $d->y - $a->y];
        $length = max(1e-9, hypot($x, $y));
        $off = fn (Point $point): float => abs(($point->x - $a->x) * $y - ($point->y - $a->y) * $x) / $length;

        return $off($b) < 1e-6 && $off($c) < 1e-6;
    }

    private static function unit(Point $way): Point
    {
        $length = max(1e-12, hypot($way->x, $way->y));

        return new Point($way->x / $length, $way->y / $length);
    }
}
