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

    /** Pieces of a curve of which a part is not in front of the viewer. */
    private const PIECES = 48;

    /** How far outside of the picture anything is drawn, in pixels: drawing loses what lies much farther. */
    private const FAR = 100_000.0;

    public static function of(Contours $path, Projection $seen): Path
    {
        [$commands, $coordinates] = ['', []];
        foreach ($path->all as $contour) {
            self::isInFront($contour, $seen)
                ? self::curves($contour, $seen, $commands, $coordinates)
                : self::polygon($contour, $seen, $commands, $coordinates);
        }

        return new Path($commands, $coordinates);
    }

    private static function isInFront(Contour $contour, Projection $seen): bool
    {
        foreach ($contour->knots as $knot) {
            foreach ([$knot->at, $knot->at->plus($knot->in), $knot->at->plus($knot->out)] as $point) {
                if ($seen->distance($point) < Projection::NEAREST) {
                    return false;
                }
                $place = $seen->apply($point);
                if (max(abs($place->x), abs($place->y)) > self::FAR) {
                    return false;
                }
            }
        }

        return true;
    }

    /** @param  list<float>  $coordinates */
    private static function curves(Contour $contour, Projection $seen, string &$commands, array &$coordinates): void
    {
        $start = $seen->apply($contour->knots[0]->at);
        $commands .= 'M';
        array_push($coordinates, $start->x, $start->y);
        $count = count($contour->knots);
        foreach ($contour->segments() as $index => $segment) {
            $next = $contour->knots[($index + 1) % $count];
            $isStraight = $contour->knots[$index]->out->x === 0.0 && $contour->knots[$index]->out->y === 0.0
                && $next->in->x === 0.0 && $next->in->y === 0.0;
            if ($isStraight && $contour->closed && $index === $count - 1) {
                // Closing it draws the last line.
                continue;
            }
            if ($isStraight) {
                $end = $seen->apply($next->at);
                $commands .= 'L';
                array_push($coordinates, $end->x, $end->y);
            } else {
                self::curve($segment, $seen, $commands, $coordinates, self::MOST_HALVINGS);
            }
        }
        $commands .= $contour->closed ? 'Z' : '';
    }

    /** @param  list<float>  $coordinates */
    private static function curve(Segment $curve, Projection $seen, string &$commands, array &$coordinates, int $halvings): void
    {
        [$from, $one, $two, $to] = [
            new Point($curve->x0, $curve->y0), new Point($curve->x1, $curve->y1), new Point($curve->x2, $curve->y2),
            new Point($curve->x3, $curve->y3),
        ];
        [$a, $d] = [$seen->apply($from), $seen->apply($to)];
        // It sets off and comes in as the curve itself is seen to: the handle's way, as much longer as it is farther away.
        $b = $a->mix($seen->apply($one), $seen->distance($one) / $seen->distance($from));
        $c = $d->mix($seen->apply($two), $seen->distance($two) / $seen->distance($to));
        $found = Segment::between(new Knot($a, out: $b->minus($a)), new Knot($d, in: $c->minus($d)));
        if ($halvings > 0) {
            foreach ([0.25, 0.5, 0.75] as $t) {
                // The same place need not come at the same t; how far it is off across the curve is what is seen.
                $off = $seen->apply($curve->at($t))->minus($found->at($t));
                if (abs($off->x) + abs($off->y) > self::TOLERANCE) {
                    [$first, $second] = $curve->split(0.5);
                    self::curve($first, $seen, $commands, $coordinates, $halvings - 1);
                    self::curve($second, $seen, $commands, $coordinates, $halvings - 1);

                    return;
                }
            }
        }
        $commands .= 'C';
        array_push($coordinates, $b->x, $b->y, $c->x, $c->y, $d->x, $d->y);
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
