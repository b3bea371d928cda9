<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Path;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Path;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Geometry\Projection;
use Ricamo\Core\Geometry\Space;
use Ricamo\Core\Path\Contours;
use Ricamo\Core\Path\SeenPath;

final class SeenPathTest extends TestCase
{
    private static function seen(float $tiltX, float $tiltY, float $z = 0): Projection
    {
        return Space::tilted(new Point(0, 0), $z, $tiltX, $tiltY)->seenFrom(new Point(0, 0), 1000);
    }

    /** Each place of the outline as it is seen lies on what a finely cut polygon is seen as, to 0.05 pixels, and the other way round. */
    #[TestWith([60.0, 0.0, 0.0])]
    #[TestWith([-75.0, 30.0, -300.0])]
    #[TestWith([20.0, 80.0, 400.0])]
    #[TestWith([85.0, 10.0, -400.0])]
    public function test_curves_are_seen_as_a_finely_cut_polygon_is(float $tiltX, float $tiltY, float $z): void
    {
        $seen = self::seen($tiltX, $tiltY, $z);
        foreach ([
            Contours::of(Path::ellipse(new Box(-300, -200, 300, 200))),
            Contours::parse('M-250 -100C-100 -400 100 300 250 -50L200 200C0 100 -200 300 -250 -100Z'),
        ] as $path) {
            $fine = self::polyline($path, 300, $seen->apply(...));
            $found = self::polyline(Contours::of(SeenPath::of($path->path(), $seen)), 40, fn (Point $point): Point => $point);
            self::assertLessThan(0.05, self::farthest($found, $fine));
            self::assertLessThan(0.05, self::farthest($fine, $found));
        }
    }

    public function test_straight_lines_stay_as_many_and_open_ones_stay_open(): void
    {
        $path = SeenPath::of(Path::parse('M0 0L100 0L100 50'), self::seen(45, 0));
        self::assertSame('MLL', $path->commands);
        self::assertSame('MLLLZ', SeenPath::of(Path::rectangle(Box::centred(80, 60)), self::seen(45, 45))->commands);
    }

    public function test_a_plane_of_no_tilt_is_only_moved_and_scaled(): void
    {
        $circle = Path::ellipse(new Box(-40, -40, 40, 40));
        self::assertEqualsWithDelta(
            $circle->transformed(Affine::scaling(0.5, 0.5))->coordinates,
            SeenPath::of($circle, self::seen(0, 0, 1000))->coordinates, 1e-9,
        );
    }

    /** A square that goes on under the viewer: what is left has the border of what is drawn at its near end, and no place beyond. */
    public function test_what_reaches_behind_the_viewer_is_cut_off_before_them(): void
    {
        // Lying: y down becomes nearer. At y = 950 it is a twentieth of the way before the viewer.
        $lying = Space::tilted(new Point(0, 0), 0, 90, 0)->seenFrom(new Point(0, -100), 1000);
        $path = SeenPath::of(Path::rectangle(new Box(-50, -500, 50, 3000)), $lying);
        self::assertSame(4, count($path->coordinates) / 2 - self::onEdges($path));
        $bounds = $path->bounds();
        self::assertNotNull($bounds);
        // The viewer is 100 above the floor: (0 − (−100)) / 0.05 below what is straight ahead.
        self::assertEqualsWithDelta([-1000, 1000, 1900], [$bounds->left, $bounds->right, $bounds->bottom], 1e-6);
        self::assertSame('', SeenPath::of(Path::rectangle(new Box(-50, 960, 50, 3000)), $lying)->commands);
    }

    /** How many places lie on a straight line between their neighbours. */
    private static function onEdges(Path $path): int
    {
        $points = array_map(fn (array $pair): Point => new Point(...$pair), array_chunk($path->coordinates, 2));
        $count = count($points);
        $on = 0;
        foreach ($points as $index => $point) {
            $in = $point->minus($points[($index + $count - 1) % $count]);
            $out = $points[($index + 1) % $count]->minus($point);
            $on += abs($in->x * $out->y - $in->y * $out->x) < 1e-6 * hypot($in->x, $in->y) * hypot($out->x, $out->y) ? 1 : 0;
        }

        return $on;
    }

    /**
     * @param  callable(Point): Point  $map
     * @return list<Point>
     */
    private static function polyline(Contours $path, int $parts, callable $map): array
    {
        $points = [];
        foreach ($path->all as $contour) {
            foreach ($contour->segments() as $segment) {
                for ($part = 0; $part < $parts; $part++) {
                    $points[] = $map($segment->at($part / $parts));
                }
            }
        }

        return $points;
    }

    /**
     * @param  list<Point>  $points
     * @param  list<Point>  $line  closed
     */
    private static function farthest(array $points, array $line): float
    {
        $worst = 0.0;
        $step = max(1, intdiv(count($points), 80));
        for ($index = 0; $index < count($points); $index += $step) {
            $point = $points[$index];
            $least = INF;
            foreach ($line as $at => $from) {
                $to = $line[($at + 1) % count($line)];
                [$x, $y] = [$to->x - $from->x, $to->y - $from->y];
                $t = max(0.0, min(1.0, (($point->x - $from->x) * $x + ($point->y - $from->y) * $y) / max(1e-12, $x * $x + $y * $y)));
                $least = min($least, hypot($from->x + $t * $x - $point->x, $from->y + $t * $y - $point->y));
            }
            $worst = max($worst, $least);
        }

        return $worst;
    }
}
