<?php

declare(strict_types=1);

namespace Ricamo\Core\Path;

use Ricamo\Core\Geometry\Cut;
use Ricamo\Core\Geometry\Path;
use Ricamo\Core\Geometry\Point;

/** The contours of a path as straight lines, each closed. */
final readonly class Polygons
{
    /** @param  list<non-empty-list<Point>>  $all  around, each without its first point at its end */
    private function __construct(public array $all)
    {
    }

    /** @param  float  $tolerance  how far a straight line may lie beside its curve */
    public static function of(Path $path, float $tolerance): self
    {
        $all = [];
        foreach (Contours::of($path)->all as $contour) {
            $points = [];
            foreach ((new Contour($contour->knots, true))->segments() as $segment) {
                $pieces = self::pieces($segment, $tolerance);
                for ($piece = 0; $piece < $pieces; $piece++) {
                    $point = $segment->at($piece / $pieces);
                    $last = $points === [] ? null : $points[count($points) - 1];
                    if ($last === null || hypot($point->x - $last->x, $point->y - $last->y) > 1e-6) {
                        $points[] = $point;
                    }
                }
            }
            $last = $points[count($points) - 1] ?? null;
            if (count($points) > 1 && $last !== null && hypot($last->x - $points[0]->x, $last->y - $points[0]->y) <= 1e-6) {
                array_pop($points);
            }
            if (count($points) > 2) {
                $all[] = $points;
            }
        }

        return new self($all);
    }

    /** In how many straight pieces a cubic is that near: √(6 M / 8ε), M being its largest second difference (G.-J. Wang, 1984). */
    private static function pieces(Segment $one, float $tolerance): int
    {
        $bend = max(
            hypot($one->x0 - 2 * $one->x1 + $one->x2, $one->y0 - 2 * $one->y1 + $one->y2),
            hypot($one->x1 - 2 * $one->x2 + $one->x3, $one->y1 - 2 * $one->y2 + $one->y3),
        );

        return max(1, min(200, (int) ceil(sqrt(6 * $bend / (8 * $tolerance)))));
    }

    public function with(self $other): self
    {
        return new self([...$this->all, ...$other->all]);
    }

    public static function none(): self
    {
        return new self([]);
    }

    public function count(): int
    {
        return array_sum(array_map(count(...), $this->all));
    }

    /**
     * What of them lies within others, each of which has to be convex.
     *
     * @return ?self null where one of those is not, or is a hole in another
     */
    public function within(self $others): ?self
    {
        $kept = [];
        $way = null;
        foreach ($others->all as $other) {
            $turn = self::turn($other);
            if ($turn === 0 || $turn !== ($way ??= $turn)) {
                return null;
            }
            foreach ($this->all as $points) {
                foreach ($other as $index => $from) {
                    $to = $other[($index + 1) % count($other)];
                    $points = Cut::of($points, fn (Point $point): float => $turn * self::side($from, $to, $point));
                }
                if (count($points) > 2) {
                    $kept[] = $points;
                }
            }
        }

        return new self($kept);
    }

    /** Twice the area of the triangle: positive where the point lies to the right of the way, as y points down. */
    private static function side(Point $from, Point $to, Point $point): float
    {
        return ($to->x - $from->x) * ($point->y - $from->y) - ($to->y - $from->y) * ($point->x - $from->x);
    }

    /**
     * @param  non-empty-list<Point>  $points
     * @return int 1 for one that turns right at every corner, -1 for left, 0 for one that is not convex
     */
    private static function turn(array $points): int
    {
        $way = 0;
        $count = count($points);
        foreach ($points as $index => $point) {
            $side = self::side($points[($index + $count - 1) % $count], $point, $points[($index + 1) % $count]);
            $turn = abs($side) < 1e-6 ? 0 : ($side > 0 ? 1 : -1);
            if ($turn !== 0 && $way !== 0 && $turn !== $way) {
                return 0;
            }
            $way = $turn === 0 ? $way : $turn;
        }

        return $way;
    }

    /** How many times they go around a point, clockwise. */
    public function around(Point $point): int
    {
        $times = 0;
        foreach ($this->all as $points) {
            $from = $points[count($points) - 1];
            foreach ($points as $to) {
                if ($from->y <= $point->y !== $to->y <= $point->y) {
                    $isRight = self::side($from, $to, $point) > 0;
                    $times += $to->y > $from->y && $isRight ? 1 : ($to->y <= $from->y && ! $isRight ? -1 : 0);
                }
                $from = $to;
            }
        }

        return $times;
    }

    /**
     * On which side of a contour there is nothing.
     *
     * @param  bool  $isEvenOdd  whether what they go around twice is empty
     * @return int 1 where that is to the left of its way, -1 to the right, 0 where it parts nothing
     */
    public function emptySide(int $contour, bool $isEvenOdd): int
    {
        $points = $this->all[$contour];
        [$longest, $from, $to] = [-1.0, $points[0], $points[0]];
        foreach ($points as $index => $point) {
            $next = $points[($index + 1) % count($points)];
            $length = hypot($next->x - $point->x, $next->y - $point->y);
            if ($length > $longest) {
                [$longest, $from, $to] = [$length, $point, $next];
            }
        }
        $middle = $from->mix($to, 0.5);
        $beside = 1e-3 * max(1e-6, min(1.0, $longest)) / max(1e-9, $longest);
        $left = new Point(($to->y - $from->y) * $beside, ($from->x - $to->x) * $beside);
        [$onLeft, $onRight] = [$this->around($middle->plus($left)), $this->around($middle->minus($left))];
        [$isLeft, $isRight] = array_map(fn (int $times): bool => $isEvenOdd ? $times % 2 !== 0 : $times !== 0, [$onLeft, $onRight]);

        return match (true) {
            $isLeft !== $isRight => $isLeft ? -1 : 1,
            // Neighbours that touch: as if it were alone.
            $isLeft && $onLeft === $onRight => (new self([$points]))->around($middle->plus($left)) === 0 ? 1 : -1,
            default => 0,
        };
    }
}
