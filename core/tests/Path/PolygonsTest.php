<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Path;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Path;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Path\Polygons;

final class PolygonsTest extends TestCase
{
    private static function of(string $data): Polygons
    {
        return Polygons::of(Path::parse($data), 0.01);
    }

    public function test_straight_lines_lie_as_near_to_their_curve_as_is_asked_for(): void
    {
        $circle = Path::ellipse(new Box(-100, -100, 100, 100));
        foreach ([1.0, 0.1, 0.01] as $tolerance) {
            $points = Polygons::of($circle, $tolerance)->all[0];
            $off = 0.0;
            foreach ($points as $index => $point) {
                $middle = $point->mix($points[($index + 1) % count($points)], 0.5);
                $off = max($off, 100 - hypot($middle->x, $middle->y));
            }
            // Four cubics are themselves up to 0.03 beside a circle of 100.
            self::assertLessThan($tolerance + 0.03, $off);
            self::assertGreaterThan($tolerance / 5 - 0.03, $off, 'and they are no more than needed');
        }
        self::assertCount(4, Polygons::of(Path::rectangle(new Box(0, 0, 10, 20)), 0.01)->all[0]);
    }

    public function test_there_is_nothing_outside_of_a_contour_and_within_a_hole(): void
    {
        // Around to the right, then a hole the other way, then one the same way.
        $hole = self::of('M0 0L100 0L100 100L0 100ZM20 20L20 40L40 40L40 20ZM60 60L80 60L80 80L60 80Z');
        self::assertSame(1, $hole->emptySide(0, false));
        self::assertSame(1, $hole->emptySide(1, false), 'a hole has what is filled on its right');
        self::assertSame(0, $hole->emptySide(2, false), 'what goes around once more parts nothing');
        self::assertSame(-1, $hole->emptySide(2, true), 'unless every other time is empty');
        self::assertSame(-1, self::of('M0 0L0 100L100 100L100 0Z')->emptySide(0, false));
        // Two that touch: each is empty outside.
        $touching = self::of('M0 0L50 0L50 200L0 200ZM50 0L100 0L100 200L50 200Z');
        self::assertSame([1, 1], [$touching->emptySide(0, false), $touching->emptySide(1, false)]);
    }

    #[TestWith([50.0, 50.0, 1])]
    #[TestWith([30.0, 30.0, 0])]
    #[TestWith([70.0, 70.0, 2])]
    #[TestWith([-1.0, 50.0, 0])]
    #[TestWith([50.0, 101.0, 0])]
    public function test_how_many_times_they_go_around_a_point(float $x, float $y, int $times): void
    {
        $all = self::of('M0 0L100 0L100 100L0 100ZM20 20L20 40L40 40L40 20ZM60 60L80 60L80 80L60 80Z');
        self::assertSame($times, $all->around(new Point($x, $y)));
    }

    public function test_what_is_within_a_convex_one_is_kept(): void
    {
        $square = self::of('M0 0L100 0L100 100L0 100Z');
        $within = $square->within(self::of('M50 -50L150 50L50 150L-50 50Z'));
        self::assertNotNull($within);
        // The diamond's edges lead through the corners of the square: all of it is within.
        self::assertEqualsWithDelta(10_000, self::area($within), 1e-6);
        foreach (['M50 0L200 0L200 200L50 200Z', 'M50 0L50 200L200 200L200 0Z'] as $half) {
            self::assertEqualsWithDelta(5_000, self::area($square->within(self::of($half)) ?? Polygons::none()), 1e-6);
        }
        $notConvex = self::of('M0 0L100 0L50 50L100 100L0 100Z');
        self::assertNull($square->within($notConvex));
        self::assertNull($square->within(self::of('M0 0L100 0L100 100L0 100ZM20 20L20 40L40 40L40 20Z')), 'nor with a hole');
    }

    private static function area(Polygons $polygons): float
    {
        $area = 0.0;
        foreach ($polygons->all as $points) {
            foreach ($points as $index => $point) {
                $next = $points[($index + 1) % count($points)];
                $area += ($point->x * $next->y - $next->x * $point->y) / 2;
            }
        }

        return abs($area);
    }
}
