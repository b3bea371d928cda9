<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Path\Combine;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Path;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Path\Combine\Arrangement;
use Ricamo\Core\Path\Combine\Combining;
use Ricamo\Core\Path\Contour;
use Ricamo\Core\Path\Contours;
use Ricamo\Core\Path\Knot;
use Ricamo\Core\Path\Segment;
use Ricamo\Core\Refusal;

final class ArrangementTest extends TestCase
{
    private static function rectangle(float $x, float $y, float $width, float $height): Contours
    {
        return Contours::of(Path::rectangle(new Box($x, $y, $x + $width, $y + $height)));
    }

    private static function circle(float $x, float $y, float $radius): Contours
    {
        return Contours::of(Path::ellipse(new Box($x - $radius, $y - $radius, $x + $radius, $y + $radius)));
    }

    private static function made(Combining $how, Contours ...$shapes): Contours
    {
        return Arrangement::of(array_values($shapes), $how->holds(...));
    }

    public function test_straight_shapes_by_hand(): void
    {
        $shapes = [self::rectangle(0, 0, 100, 50), self::rectangle(50, 25, 100, 50)];
        self::assertSame('M0 0L100 0L100 25L150 25L150 75L50 75L50 50L0 50Z', self::made(Combining::Union, ...$shapes)->write());
        self::assertSame('M0 0L100 0L100 25L50 25L50 50L0 50Z', self::made(Combining::Subtract, ...$shapes)->write());
        self::assertSame('M100 25L100 50L50 50L50 25Z', self::made(Combining::Intersect, ...$shapes)->write());
        self::assertEqualsWithDelta(2 * 5000 - 2 * 1250, (new Polylines(self::made(Combining::Exclude, ...$shapes)))->area(), 1e-6);
    }

    public function test_what_only_touches_becomes_one_without_a_seam(): void
    {
        self::assertSame(
            'M0 0L200 0L200 50L0 50Z',
            self::made(Combining::Union, self::rectangle(0, 0, 100, 50), self::rectangle(100, 0, 100, 50))->write(),
        );
        self::assertSame([], self::made(Combining::Intersect, self::rectangle(0, 0, 100, 50), self::rectangle(100, 0, 100, 50))->all);
    }

    public function test_two_circles_share_what_geometry_says(): void
    {
        $lens = self::made(Combining::Intersect, self::circle(0, 0, 100), self::circle(100, 0, 100));
        // 2r² acos(d / 2r) − d/2 √(4r² − d²); a circle of four Béziers is 0.03 % off.
        self::assertEqualsWithDelta(2 * 100 ** 2 * acos(0.5) - 50 * sqrt(4 * 100 ** 2 - 100 ** 2), (new Polylines($lens))->area(), 15);
        self::assertSame(
            2,
            count(array_filter(
                $lens->all[0]->knots,
                fn (Knot $knot): bool => abs($knot->at->x - 50) < 0.01 && abs(abs($knot->at->y) - 86.6) < 0.05,
            )),
        );
    }

    public function test_the_same_shape_twice_and_a_hole(): void
    {
        $circle = self::circle(0, 0, 100);
        self::assertSame(4, self::made(Combining::Union, $circle, $circle)->count());
        self::assertSame([], self::made(Combining::Subtract, $circle, $circle)->all);
        $ring = self::made(Combining::Subtract, $circle, self::circle(0, 0, 50));
        // The hole goes round the other way, so that it is one however it is filled.
        self::assertGreaterThan(0, $ring->all[0]->winding());
        self::assertLessThan(0, $ring->all[1]->winding());
        self::assertSame(8, $ring->count());
    }

    /** Edges that lie on one another are one, also where they are curves, begin elsewhere and go at another pace. */
    public function test_curved_edges_that_are_shared_leave_no_seam(): void
    {
        $circle = self::circle(0, 0, 100);
        $half = fn (float $from): Contours => self::made(Combining::Intersect, $circle, self::rectangle($from, -200, 200, 400));
        // Of two halves that overlap by a strip, and of the whole and a half of it.
        foreach ([[$half(-200), $half(0)], [$half(-200), $half(-40)], [$circle, $half(30)]] as $number => $parts) {
            $disc = self::made(Combining::Union, ...$parts);
            self::assertCount(1, $disc->all, "union $number");
            self::assertEqualsWithDelta((new Polylines($circle))->area(), (new Polylines($disc))->area(), 0.5, "union $number");
            foreach ($disc->all[0]->knots as $knot) {
                self::assertEqualsWithDelta(100, hypot($knot->at->x, $knot->at->y), 0.05, "union $number");
            }
        }
        // What is left of the circle without its half is the other half, without a thread along the edge.
        $left = self::made(Combining::Subtract, $circle, $half(0));
        self::assertCount(1, $left->all);
        self::assertLessThan(0.01, $left->path()->bounds()->right);
        self::assertEqualsWithDelta((new Polylines($circle))->area() / 2, (new Polylines($left))->area(), 0.5);
        // The same curve in pieces is the same edge.
        $wave = Contours::parse('M0 0C30 -40 70 40 100 0L100 60L0 60Z');
        $knots = $wave->all[0]->knots;
        [$first, $second] = Segment::between($knots[0], $knots[1])->split(0.3);
        $cut = Contours::parse(
            "M0 0C{$first->x1} {$first->y1} {$first->x2} {$first->y2} {$first->x3} {$first->y3}C{$second->x1} {$second->y1} {$second->x2} {$second->y2} 100 0L100 -90L0 -90Z",
        );
        $whole = self::made(Combining::Union, $wave, $cut);
        self::assertSame('M100 60L0 60L0 -90L100 -90Z', self::withoutPointsBetween($whole));
        self::assertSame([], self::made(Combining::Intersect, $wave, $cut)->all);
    }

    /** A path of straight sides without the points that lie on them. */
    private static function withoutPointsBetween(Contours $path): string
    {
        self::assertCount(1, $path->all);
        $knots = $path->all[0]->knots;
        $count = count($knots);
        $kept = array_filter($knots, function (Knot $knot, int $index) use ($knots, $count): bool {
            [$back, $on] = [
                $knots[($index + $count - 1) % $count]->at->minus($knot->at),
                $knots[($index + 1) % $count]->at->minus($knot->at),
            ];

            return abs($back->x * $on->y - $back->y * $on->x) > 1e-6;
        }, ARRAY_FILTER_USE_BOTH);

        return Path::polygon(array_map(fn (Knot $knot): Point => $knot->at, array_values($kept)))->data();
    }

    public function test_what_is_not_cut_keeps_its_curves_and_corners(): void
    {
        $wave = Contours::parse('M0 0C30 -40 70 40 100 0L100 60L0 60Z');
        self::assertSame(
            'M0 0C30 -40 70 40 100 0L100 60L0 60Z',
            self::made(Combining::Union, $wave, self::rectangle(10, 30, 20, 20))->write(),
        );
    }

    public function test_an_open_line_is_closed_and_one_that_crosses_itself_is_whole(): void
    {
        self::assertSame(
            'M0 0L100 0L100 100Z',
            self::made(Combining::Union, Contours::parse('M0 0L100 0L100 100'), self::rectangle(60, 10, 10, 10))->write(),
        );
        $star = Contours::of(Path::polygon(array_map(
            fn (int $i): Point => new Point(100 * sin(4 * M_PI * $i / 5), -100 * cos(4 * M_PI * $i / 5)), range(0, 4),
        )));
        self::assertSame(10, self::made(Combining::Union, $star, self::circle(0, 0, 10))->count());
    }

    /** @return array<string, array{int}> */
    public static function seeds(): array
    {
        return ['one' => [1], 'two' => [2], 'three' => [3], 'four' => [4]];
    }

    /** Shapes on a grid, so that many of their edges lie on one another; turned by eighths; random curves that cross themselves. */
    #[DataProvider('seeds')]
    public function test_any_place_belongs_to_what_is_made_when_it_should(int $seed): void
    {
        $random = new Randomizer(new Mt19937($seed));
        for ($round = 0; $round < 25; $round++) {
            $shapes = array_map(fn (): Contours => self::anyShape($random), range(1, $random->getInt(2, 4)));
            $windings = self::windingsSomewhere($random, array_map(fn (Contours $one): Polylines => new Polylines($one), $shapes));
            foreach (Combining::cases() as $how) {
                $made = new Polylines(self::made($how, ...$shapes));
                foreach ($windings as [$place, $around]) {
                    $wanted = $how->holds($around) ? 1 : 0;
                    self::assertSame($wanted, $made->winding($place), "{$how->value} in round $round at $place->x, $place->y");
                }
            }
        }
    }

    /**
     * Places that are not right on a line, and how often each shape goes around them.
     *
     * @param  non-empty-list<Polylines>  $lines
     * @return list<array{Point, list<int>}>
     */
    private static function windingsSomewhere(Randomizer $random, array $lines): array
    {
        $found = [];
        for ($try = 0; $try < 40; $try++) {
            $place = new Point(self::between($random, 160), self::between($random, 160));
            if (min(array_map(fn (Polylines $one): float => $one->distance($place), $lines)) > 0.1) {
                $found[] = [$place, array_map(fn (Polylines $one): int => $one->winding($place), $lines)];
            }
        }

        return $found;
    }

    private static function between(Randomizer $random, int $far): float
    {
        return $random->getInt(-1000 * $far, 1000 * $far) / 1000;
    }

    private static function anyShape(Randomizer $random): Contours
    {
        [$x, $y, $size] = [50 * $random->getInt(-2, 1), 50 * $random->getInt(-2, 1), 50 * $random->getInt(1, 3)];
        $far = fn (): Point => new Point(self::between($random, 150), self::between($random, 150));
        $shape = match ($random->getInt(0, 3)) {
            0 => Contours::of(Path::rectangle(new Box($x, $y, $x + $size, $y + 50), 20 * $random->getInt(0, 1))),
            1 => self::circle($x, $y, $size / 2),
            2 => Contours::of(Path::polygon(array_map($far, range(1, $random->getInt(3, 8))))),
            default => new Contours([new Contour(
                array_map(fn (): Knot => new Knot($far(), $far(), $far()), range(1, $random->getInt(2, 5))), true,
            )]),
        };
        $turn = Affine::rotation(45 * $random->getInt(0, 3));

        return Contours::parse($shape->mapped($turn->apply(...))->write());
    }

    public function test_what_is_cut_too_often_is_refused(): void
    {
        $comb = fn (bool $turned): Contours => Contours::of(Path::polygon(array_map(
            fn (int $i): Point => $turned ? new Point($i % 2 * 1000, $i * 2.5) : new Point($i * 2.5, $i % 2 * 1000),
            range(0, 400),
        )));
        try {
            self::made(Combining::Exclude, $comb(false), $comb(true));
            self::fail('nothing was refused');
        } catch (Refusal $refusal) {
            self::assertStringContainsString('too many points', $refusal->getMessage());
        }
    }

    public function test_too_many_points_are_refused(): void
    {
        $zigzag = Contours::of(Path::polygon(array_map(fn (int $i): Point => new Point($i, $i % 2 * 100), range(0, 3500))));
        $this->expectException(Refusal::class);
        $this->expectExceptionMessage('too many points');
        self::made(Combining::Union, $zigzag, self::circle(0, 0, 10));
    }
}
