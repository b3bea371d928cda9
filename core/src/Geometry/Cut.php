<?php

declare(strict_types=1);

namespace Ricamo\Core\Geometry;

/** What is left of a polygon on one side of a line, by Sutherland and Hodgman, "Reentrant Polygon Clipping" (1974). */
final class Cut
{
    /**
     * @param  list<Point>  $points
     * @param  callable(Point): float  $inside  linear; what it is not negative for is kept
     * @return list<Point>
     */
    public static function of(array $points, callable $inside): array
    {
        $kept = [];
        $count = count($points);
        foreach ($points as $index => $point) {
            $before = $points[($index + $count - 1) % $count];
            [$one, $other] = [$inside($before), $inside($point)];
            if ($one < 0 !== $other < 0) {
                $kept[] = $before->mix($point, $one / ($one - $other));
            }
            if ($other >= 0) {
                $kept[] = $point;
            }
        }

        return $kept;
    }
}
