<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Path\Combine;

use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Path\Contour;
use Ricamo\Core\Path\Contours;

/** A path as straight lines between many of its places: what tests measure results by, without any of what makes them. */
final readonly class Polylines
{
    private const PARTS = 40;

    /** @var list<list<Point>> */
    private array $lines;

    public function __construct(Contours $path)
    {
        $this->lines = array_map(function (Contour $line): array {
            $places = [];
            foreach ((new Contour($line->knots, true))->segments() as $segment) {
                [$from, $to] = [$segment->at(0), $segment->at(1)];
                // One that is as long as the way from end to end is straight.
                $parts = $segment->length() - hypot($to->x - $from->x, $to->y - $from->y) < 1e-9 ? 1 : self::PARTS;
                for ($part = 0; $part < $parts; $part++) {
                    $places[] = $segment->at($part / $parts);
                }
            }

            return $places;
        }, $path->all);
    }

    /** How often it goes round a place, clockwise. */
    public function winding(Point $place): int
    {
        $winding = 0;
        foreach ($this->sides() as [$a, $b]) {
            if (
                ($a->y <= $place->y) !== ($b->y <= $place->y)
                && $a->x + ($b->x - $a->x) * ($place->y - $a->y) / ($b->y - $a->y) > $place->x
            ) {
                $winding += $b->y > $a->y ? 1 : -1;
            }
        }

        return $winding;
    }

    /** How far a place is from its edge. */
    public function distance(Point $place): float
    {
        $least = INF;
        foreach ($this->sides() as [$a, $b]) {
            $way = $b->minus($a);
            $t = max(0.0, min(1.0, $place->minus($a)->dot($way) / max(1e-12, $way->dot($way))));
            $least = min($least, hypot($a->x + $t * $way->x - $place->x, $a->y + $t * $way->y - $place->y));
        }

        return $least;
    }

    public function area(): float
    {
        return array_sum(array_map(
            fn (array $side): float => $side[0]->x * $side[1]->y - $side[1]->x * $side[0]->y,
            iterator_to_array($this->sides(), false),
        )) / 2;
    }

    /** @return \Generator<array{Point, Point}> */
    public function sides(): \Generator
    {
        foreach ($this->lines as $line) {
            foreach ($line as $index => $place) {
                yield [$place, $line[($index + 1) % count($line)]];
            }
        }
    }
}
