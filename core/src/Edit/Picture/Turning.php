<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Picture;

use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Point;

/** How far something is turned by a pointer that goes around a point: whole turns count, and which way round it went. */
final class Turning
{
    /** Degrees, where it goes by steps. */
    private const STEP = 15;

    /**
     * @param  list<Point>  $path  where the pointer went, in composition pixels
     * @param  Affine  $own  from there to the space in which $centre is
     * @return float degrees clockwise
     */
    public static function by(array $path, Point $centre, Affine $own): float
    {
        $sum = 0.0;
        $path = array_map($own->apply(...), $path);
        foreach ($path as $index => $point) {
            if ($index > 0) {
                $from = $path[$index - 1]->minus($centre);
                $to = $point->minus($centre);
                $sum += rad2deg(atan2($from->x * $to->y - $from->y * $to->x, $from->dot($to)));
            }
        }

        return $sum;
    }

    /** An angle to a hundredth of a degree, or where it snaps to the nearest step. */
    public static function rounded(float $angle, bool $snap): float
    {
        return $snap ? self::STEP * round($angle / self::STEP) : round($angle, 2);
    }
}
