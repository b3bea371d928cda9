<?php

declare(strict_types=1);

namespace Ricamo\Core\Path;

use Ricamo\Core\Geometry\Cut;
use Ricamo\Core\Geometry\Path;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Geometry\Projection;

/**
 * A path of a plane in space as it is seen. A cubic curve in perspective is no cubic any more (it is a rational one): each is halved
 * until the one that begins and ends as it does lies within TOLERANCE of it.
 */
final class SeenPath
{
    /** In drawn pixels, at a quarter, the middle and three quarters of each piece. */
    private const TOLERANCE = 0.04;

    private const MOST_HALVINGS = 7;

    /** Bernstein's polynomials at a quarter, the middle and three quarters. */
    private const WEIGHTS = [[27 / 64, 27 / 64, 9 / 64, 1 / 64], [1 / 8, 3 / 8, 3 / 8, 1 / 8], [1 / 64, 9 / 64, 27 / 64, 27 / 64]];

    /** Pieces of a curve of which a part is not in front of the viewer. */
    private const PIECES = 48;

    /** How far outside of the picture anything is drawn, in pixels: drawing loses what lies much farther. */
    private const FAR = 100_000.0;

    public static function of(Path $path, Projection $seen): Path
    {
        return self::curves($path, $seen) ?? self::polygons(Contours::of($path), $seen);
    }

    /** @return ?Path null where some of it is not before the viewer, or too far outside */
    private static function curves(Path $path, Projection $seen): ?Path
    {
        // In homogeneous coordinates a curve in perspective is as plain a cubic as a flat one, and is parted as that is.
        [$x, $y, $w] = [[], [], []];
        for ($index = 0, $count = count($path->coordinates); $index < $count; $index += 2) {
            [$u, $v] = [$path->coordinates[$index], $path->coordinates[$index + 1]];
            $distance = $seen->g * $u + $seen->h * $v + $seen->i;
            $right = $seen->a * $u + $seen->b * $v + $seen->c;
            $down = $seen->d * $u + $seen->e * $v + $seen->f;
            if ($distance < Projection::NEAREST || abs($right) > self::FAR * $distance || abs($down) > self::FAR * $distance) {
                return null;
            }
            [$x[], $y[], $w[]] = [$right, $down, $distance];
        }
        [$commands, $coordinates, $at] = ['', [], 0];
        foreach (str_split($path->commands) as $command) {
            if ($command === 'M' || $command === 'L') {
                $commands .= $command;
                $coordinates[] = $x[$at] / $w[$at];
                $coordinates[] = $y[$at] / $w[$at];
                $at++;
            } elseif ($command === 'C') {
                $from = $at - 1;
                self::curve(
                    $x[$from], $y[$from], $w[$from], $x[$at], $y[$at], $w[$at], $x[$at + 1], $y[$at + 1], $w[$at + 1],
                    $x[$at + 2], $y[$at + 2], $w[$at + 2], $commands, $coordinates, self::MOST_HALVINGS,
                );
                $at += 3;
            } else {
                $commands .= $command;
            }
        }

        return new Path($commands, $coordinates);
    }

    /**
     * @param  float  $x0  the first of four control points, in homogeneous coordinates
     * @param  list<float>  $coordinates
     */
    private static function curve(
        float $x0, float $y0, float $w0, float $x1, float $y1, float $w1, float $x2, float $y2, float $w2, float $x3, float $y3, float $w3,
        string &$commands, array &$coordinates, int $halvings,
    ): void {
        [$ax, $ay, $dx, $dy] = [$x0 / $w0, $y0 / $w0, $x3 / $w3, $y3 / $w3];
        // It sets off and comes in as the curve itself is seen to: the handle's way, as much longer as it is farther away.
        [$bx, $by] = [$ax + ($x1 - $ax * $w1) / $w0, $ay + ($y1 - $ay * $w1) / $w0];
        [$cx, $cy] = [$dx + ($x2 - $dx * $w2) / $w3, $dy + ($y2 - $dy * $w2) / $w3];
        foreach ($halvings > 0 ? self::WEIGHTS : [] as [$p, $q, $r, $s]) {
            $w = $p * $w0 + $q * $w1 + $r * $w2 + $s * $w3;
            // The same place need not come at the same moment; how far it is off at that is more than what is seen.
            $off = abs(($p * $x0 + $q * $x1 + $r * $x2 + $s * $x3) / $w - ($p * $ax + $q * $bx + $r * $cx + $s * $dx))
                + abs(($p * $y0 + $q * $y1 + $r * $y2 + $s * $y3) / $w - ($p * $ay + $q * $by + $r * $cy + $s * $dy));
            if ($off > self::TOLERANCE) {
                [$ex, $ey, $ew] = [($x0 + $x1) / 2, ($y0 + $y1) / 2, ($w0 + $w1) / 2];
                [$fx, $fy, $fw] = [($x1 + $x2) / 2, ($y1 + $y2) / 2, ($w1 + $w2) / 2];
                [$gx, $gy, $gw] = [($x2 + $x3) / 2, ($y2 + $y3) / 2, ($w2 + $w3) / 2];
                [$hx, $hy, $hw] = [($ex + $fx) / 2, ($ey + $fy) / 2, ($ew + $fw) / 2];
                [$ix, $iy, $iw] = [($fx + $gx) / 2, ($fy + $gy) / 2, ($fw + $gw) / 2];
                [$jx, $jy, $jw] = [($hx + $ix) / 2, ($hy + $iy) / 2, ($hw + $iw) / 2];
                self::curve($x0, $y0, $w0, $ex, $ey, $ew, $hx, $hy, $hw, $jx, $jy, $jw, $commands, $coordinates, $halvings - 1);
                self::curve($jx, $jy, $jw, $ix, $iy, $iw, $gx, $gy, $gw, $x3, $y3, $w3, $commands, $coordinates, $halvings - 1);

                return;
            }
        }
        $commands .= 'C';
        array_push($coordinates, $bx, $by, $cx, $cy, $dx, $dy);
    }

    private static function polygons(Contours $path, Projection $seen): Path
    {
        [$commands, $coordinates] = ['', []];
        foreach ($path->all as $contour) {
            self::polygon($contour, $seen, $commands, $coordinates);
        }

        return new Path($commands, $coordinates);
    }

    /**
     * What of it lies in front of the viewer and not too far outside, as straight lines.
     *
     * @param  list<float>  $coordinates
     */
    private static function polygon(Contour $contour, Projection $seen, string &$commands, array &$coordinates): void
    {
        $points = [];
        foreach ($contour->segments() as $segment) {
            for ($piece = 0; $piece < self::PIECES; $piece++) {
                $points[] = $segment->at($piece / self::PIECES);
            }
        }
        $points = Cut::of($points, fn (Point $point): float => $seen->distance($point) - Projection::NEAREST);
        $points = array_map($seen->apply(...), $points);
        foreach ([[1.0, 0.0], [-1.0, 0.0], [0.0, 1.0], [0.0, -1.0]] as [$x, $y]) {
            $points = Cut::of($points, fn (Point $point): float => self::FAR - $x * $point->x - $y * $point->y);
        }
        foreach ($points as $index => $point) {
            $commands .= $index === 0 ? 'M' : 'L';
            array_push($coordinates, $point->x, $point->y);
        }
        $commands .= $points === [] ? '' : 'Z';
    }
}
