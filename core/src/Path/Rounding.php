<?php

declare(strict_types=1);

namespace Ricamo\Core\Path;

use Ricamo\Core\Geometry\Point;

/** Makes the corners between straight sides round. */
final class Rounding
{
    /** Corners that are flatter than this, in radians, stay. */
    private const FLAT = 0.01;

    /**
     * By arcs of a radius, which is smaller where a side is too short for it: each corner takes half of a side at most.
     *
     * @param  list<int>  $sharp  corners that stay as they are
     */
    public static function of(Contours $contours, float $radius, array $sharp = []): Contours
    {
        return $radius <= 0
            ? $contours
            : new Contours(array_map(fn (Contour $one): Contour => self::contour($one, $radius, $sharp), $contours->all));
    }

    /** @param  list<int>  $sharp */
    private static function contour(Contour $contour, float $radius, array $sharp): Contour
    {
        $knots = [];
        $count = count($contour->knots);
        foreach ($contour->knots as $index => $knot) {
            $before = $contour->closed || $index > 0 ? $contour->knots[($index + $count - 1) % $count] : null;
            $after = $contour->closed || $index < $count - 1 ? $contour->knots[($index + 1) % $count] : null;
            $isCorner = $count > 2
                && $before !== null
                && $after !== null
                && $knot->isCorner()
                && self::isStraight($before->out)
                && self::isStraight($after->in)
                && ! in_array($index, $sharp, true);
            array_push($knots, ...($isCorner ? self::corner($knot->at, $before->at, $after->at, $radius) : [$knot]));
        }

        /** @var non-empty-list<Knot> $knots */
        return new Contour($knots, $contour->closed);
    }

    private static function isStraight(Point $handle): bool
    {
        return $handle->x === 0.0 && $handle->y === 0.0;
    }

    /** @return non-empty-list<Knot> */
    private static function corner(Point $at, Point $before, Point $after, float $radius): array
    {
        [$back, $on] = [$before->minus($at), $after->minus($at)];
        [$long, $longer] = [hypot($back->x, $back->y), hypot($on->x, $on->y)];
        if ($long < 1e-9 || $longer < 1e-9) {
            return [new Knot($at)];
        }
        $angle = acos(max(-1.0, min(1.0, $back->dot($on) / ($long * $longer))));
        if ($angle < self::FLAT || M_PI - $angle < self::FLAT) {
            return [new Knot($at)];
        }
        $reach = min($radius / tan($angle / 2), $long / 2, $longer / 2);
        // The handles of an arc of the turn that is left, 4/3 · tan of a quarter of it, of the radius that fits.
        $handle = 4 / 3 * tan((M_PI - $angle) / 4) * $reach * tan($angle / 2);
        $place = fn (Point $way, float $length, float $far): Point => new Point($way->x / $length * $far, $way->y / $length * $far);
        [$from, $to] = [$at->plus($place($back, $long, $reach)), $at->plus($place($on, $longer, $reach))];

        return [
            new Knot($from, out: $place($back, $long, -$handle)),
            new Knot($to, in: $place($on, $longer, -$handle)),
        ];
    }
}
