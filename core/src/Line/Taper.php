<?php

declare(strict_types=1);

namespace Ricamo\Core\Line;

use Ricamo\Core\Geometry\Path;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Path\Along;
use Ricamo\Core\Path\Contour;

/** The area of a line whose width changes along it. */
final class Taper
{
    /** Into how many pieces a line is cut at least, and at most. */
    private const PIECES = [24, 400];

    /** How long a piece is, in widths. */
    private const LONG = 0.5;

    /**
     * @param  callable(float): float  $wide  how wide it is at a share of its length, 1 for as wide as it is
     */
    public static function of(Contour $line, float $width, callable $wide): Path
    {
        $along = new Along($line);
        if ($along->length <= 0) {
            return new Path('', []);
        }
        $pieces = (int) max(self::PIECES[0], min(self::PIECES[1], ceil($along->length / max(1e-6, self::LONG * $width))));
        $left = $right = [];
        for ($piece = 0; $piece <= $pieces; $piece++) {
            $share = $piece / $pieces;
            $at = $along->at($share * $along->length);
            // An end has no direction beyond itself.
            $heading = deg2rad($along->heading(max(1e-6, min(1 - 1e-6, $share)) * $along->length));
            $half = $width / 2 * $wide($share);
            [$x, $y] = [-sin($heading) * $half, cos($heading) * $half];
            $left[] = new Point($at->x + $x, $at->y + $y);
            $right[] = new Point($at->x - $x, $at->y - $y);
        }

        $around = [...$left, ...array_reverse($right)];

        return $around === [] ? new Path('', []) : Path::polygon($around);
    }
}
