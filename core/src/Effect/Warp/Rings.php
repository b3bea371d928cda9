<?php

declare(strict_types=1);

namespace Ricamo\Core\Effect\Warp;

use Ricamo\Core\Display\Filter\Warp;
use Ricamo\Core\Effect\Place;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Point;

/** A grid of rings around a point, for what happens around one: finer where rings are closer. */
final class Rings
{
    /** How many times as long as it is high something is, as words are, that counts as long. */
    private const LONG = 2.5;

    /** How many cells go once around; a chord of one is off its arc by 0.05 % of the radius. */
    private const AROUND = 96;

    /**
     * Only what lies between the first ring and the last changes.
     *
     * @param  non-empty-list<array{float, float, float}>  $rings  from the inside: the radius at which each is seen, that which it is
     *     taken from, and how far it is turned to there, in radians clockwise; in the layer's own pixels
     */
    public static function warp(Point $centre, array $rings, Place $place): Warp
    {
        [$from, $to] = [[], []];
        foreach ($rings as [$seen, $taken, $turned]) {
            for ($step = 0; $step <= self::AROUND; $step++) {
                $angle = 2 * M_PI * $step / self::AROUND;
                $to[] = $place->point(new Point($centre->x + $seen * cos($angle), $centre->y + $seen * sin($angle)));
                $from[] = $place->point(new Point(
                    $centre->x + $taken * cos($angle + $turned), $centre->y + $taken * sin($angle + $turned),
                ));
            }
        }

        return new Warp(self::AROUND, $from, $to, true);
    }

    /**
     * A circle for a layer to begin with: as large as it has room for, or as all of it where it is long.
     *
     * @return array{centre: Point, radius: float}
     */
    public static function fitted(Box $box): array
    {
        [$short, $long] = [$box->shorter(), max($box->width(), $box->height())];

        return ['centre' => $box->centre(), 'radius' => ($long > self::LONG * $short ? $long : $short) / 2];
    }

    /**
     * Rings evenly spaced from the centre to a radius.
     *
     * @param  callable(float): array{float, float}  $taken  where a part of the radius is taken from, as a part of it, and how
     *     far that is turned
     */
    public static function within(Point $centre, float $radius, int $count, callable $taken, Place $place): Warp
    {
        return self::warp($centre, array_map(function (int $ring) use ($radius, $count, $taken): array {
            [$part, $turned] = $taken($ring / $count);

            return [$radius * $ring / $count, $radius * $part, $turned];
        }, range(0, $count)), $place);
    }
}
