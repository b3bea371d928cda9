<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Patch;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Path;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Patch\Cutting;
use Ricamo\Core\Patch\Patch;
use Ricamo\Core\Patch\PatchForm;
use Ricamo\Core\Path\Contours;

final class CuttingTest extends TestCase
{
    private static function box(): Box
    {
        return new Box(-960, -540, 960, 540);
    }

    /** @return list<Patch> */
    private static function patches(
        PatchForm $form, int $rows, int $columns, float $gap = 0, float $rounding = 0, ?Box $whole = null,
    ): array {
        return (new Cutting($form, $rows, $columns, 7, self::box(), $whole ?? self::box(), $gap, $rounding))->patches();
    }

    /** @return list<Point> */
    private static function corners(Patch $patch): array
    {
        return array_map(fn (array $pair): Point => new Point(...$pair), array_chunk($patch->path->coordinates, 2));
    }

    /** Twice the area by the shoelace formula, halved. */
    private static function area(Patch $patch): float
    {
        $corners = self::corners($patch);
        $sum = 0.0;
        foreach ($corners as $index => $corner) {
            $next = $corners[($index + 1) % count($corners)];
            $sum += $corner->x * $next->y - $next->x * $corner->y;
        }

        return abs($sum) / 2;
    }

    /** By how many edges a line to the right crosses: the even-odd rule. */
    private static function holds(Patch $patch, Point $point): bool
    {
        $corners = self::corners($patch);
        $is = false;
        foreach ($corners as $index => $from) {
            $to = $corners[($index + 1) % count($corners)];
            if (($from->y > $point->y) !== ($to->y > $point->y)) {
                $is = $point->x < $from->x + ($to->x - $from->x) * ($point->y - $from->y) / ($to->y - $from->y) ? ! $is : $is;
            }
        }

        return $is;
    }

    public function test_rows_and_columns_are_equal_with_the_gap_between_them_and_the_outer_edges_where_they_were(): void
    {
        $patches = self::patches(PatchForm::Grid, 4, 10, 8);
        self::assertCount(40, $patches);
        // (1920 − 9 · 8) / 10 and (1080 − 3 · 8) / 4.
        foreach ($patches as $index => $patch) {
            [$row, $column] = [intdiv($index, 10), $index % 10];
            self::assertEqualsWithDelta(
                [-960 + $column * 192.8, -540 + $row * 272, -960 + $column * 192.8 + 184.8, -540 + $row * 272 + 264],
                $patch->box->toJson(), 1e-9, "patch $index",
            );
        }
        self::assertSame(960.0, $patches[39]->box->right);
    }

    public function test_what_is_seen_beyond_the_box_goes_with_the_outer_patches(): void
    {
        $patches = self::patches(PatchForm::Grid, 1, 2, 10, whole: new Box(-970, -560, 961, 540));
        self::assertSame([[-970.0, -560.0, -5.0, 540.0], [5.0, -560.0, 961.0, 540.0]], array_map(
            fn (Patch $patch): ?array => $patch->path->bounds()?->toJson(), $patches,
        ));
        self::assertSame([[-960.0, -540.0, -5.0, 540.0], [5.0, -540.0, 960.0, 540.0]], array_map(
            fn (Patch $patch): array => $patch->box->toJson(), $patches,
        ));
    }

    #[DataProvider('forms')]
    public function test_there_are_as_many_whatever_is_seen_beyond_the_box(PatchForm $form, int $rows, int $columns): void
    {
        $more = self::patches($form, $rows, $columns, 3, whole: new Box(-1500, -900, 1400, 800));
        $own = self::patches($form, $rows, $columns, 3);
        self::assertEqualsWithDelta(
            array_map(fn (Patch $patch): array => $patch->box->toJson(), $own),
            array_map(fn (Patch $patch): array => $patch->box->toJson(), $more), 0.01,
        );
    }

    /** @return iterable<string, array{PatchForm, int, int}> */
    public static function forms(): iterable
    {
        foreach (PatchForm::cases() as $form) {
            yield "$form->value 5 × 7" => [$form, 5, 7];
            yield "$form->value 3 × 12" => [$form, 3, 12];
            yield "$form->value 1 × 1" => [$form, 1, 1];
        }
    }

    #[DataProvider('forms')]
    public function test_without_a_gap_every_point_is_in_exactly_one_patch(PatchForm $form, int $rows, int $columns): void
    {
        $patches = self::patches($form, $rows, $columns);
        self::assertEqualsWithDelta(1920 * 1080, array_sum(array_map(self::area(...), $patches)), 0.01);
        mt_srand(5);
        for ($try = 0; $try < 100; $try++) {
            $point = new Point(mt_rand(-95_999, 95_999) / 100, mt_rand(-53_999, 53_999) / 100);
            $in = array_filter($patches, fn (Patch $patch): bool => self::holds($patch, $point));
            self::assertCount(1, $in, "$point->x, $point->y");
        }
    }

    #[DataProvider('forms')]
    public function test_between_two_patches_is_as_much_as_the_gap_and_all_are_in_the_box(PatchForm $form, int $rows, int $columns): void
    {
        $patches = self::patches($form, $rows, $columns, 12);
        $least = INF;
        foreach ($patches as $index => $patch) {
            self::assertGreaterThanOrEqual(-960 - 1e-9, $patch->box->left);
            self::assertLessThanOrEqual(540 + 1e-9, $patch->box->bottom);
            foreach (array_slice($patches, $index + 1) as $other) {
                $least = $patch->box->grown(15)->intersection($other->box) === null ? $least : min($least, self::distance($patch, $other));
            }
        }
        self::assertEqualsWithDelta(count($patches) > 1 ? 12 : INF, $least, 0.05);
    }

    /** How far the corners of either are at least from the edges of the other, within the box. */
    private static function distance(Patch $one, Patch $other): float
    {
        $least = INF;
        foreach ([[$one, $other], [$other, $one]] as [$from, $of]) {
            $edges = self::corners($of);
            foreach (self::corners($from) as $point) {
                foreach (self::isInside($point) ? $edges : [] as $index => $a) {
                    $b = $edges[($index + 1) % count($edges)];
                    if (! self::isInside($a->mix($b, 0.5))) {
                        continue;
                    }
                    $way = $b->minus($a);
                    $long = $way->dot($way);
                    $t = $long < 1e-12 ? 0.0 : max(0.0, min(1.0, $point->minus($a)->dot($way) / $long));
                    $off = $point->minus($a)->minus($way->times($t));
                    $least = min($least, hypot($off->x, $off->y));
                }
            }
        }

        return $least;
    }

    private static function isInside(Point $point): bool
    {
        return abs($point->x) < 959.999 && abs($point->y) < 539.999;
    }

    public function test_corners_are_rounded_by_a_quarter_circle(): void
    {
        [$patch] = self::patches(PatchForm::Grid, 2, 2, 0, 30);
        self::assertEqualsWithDelta([-960, -540, 0, 0], $patch->path->bounds()?->toJson(), 0.001);
        // Where the corner was, and 30 px along its sides, from where the arc goes.
        $points = self::corners($patch);
        self::assertGreaterThan(20, min(array_map(fn (Point $one): float => hypot($one->x + 960, $one->y + 540), $points)) + 21);
        self::assertContains(30.0, array_map(fn (Point $one): float => round($one->x + 960, 3), $points));
        self::assertNotContains(0.0, array_map(fn (Point $one): float => round(hypot($one->x + 960, $one->y + 540), 3), $points));
    }

    public function test_hexagons_have_six_sides_and_shards_come_from_their_seed(): void
    {
        $inner = self::patches(PatchForm::Hexagons, 5, 6)[2 * 6 + 2];
        self::assertCount(6, self::corners($inner));
        $again = (new Cutting(PatchForm::Shards, 4, 4, 7, self::box(), self::box()))->patches();
        $other = (new Cutting(PatchForm::Shards, 4, 4, 8, self::box(), self::box()))->patches();
        self::assertEquals(self::patches(PatchForm::Shards, 4, 4), $again);
        self::assertNotEquals($again, $other);
    }

    public function test_where_nothing_is_left_between_the_gaps_there_are_no_patches(): void
    {
        foreach (PatchForm::cases() as $form) {
            self::assertSame([], self::patches($form, 6, 6, 5000), $form->value);
        }
        $flat = new Box(0, 0, 0, 100);
        self::assertSame([], (new Cutting(PatchForm::Grid, 2, 2, 1, $flat, $flat))->patches());
    }

    public function test_along_a_circle_it_is_cut_into_sectors_inside_and_outside(): void
    {
        $circle = Contours::of(Path::ellipse(Box::centred(600, 600)))->all[0];
        $patches = (new Cutting(PatchForm::Path, 2, 8, 1, self::box(), self::box(), along: $circle))->patches();
        self::assertCount(16, $patches);
        $middles = [];
        foreach ($patches as $index => $patch) {
            // Rows are half of the shorter side apart: 270 px to either side of the line, nearly at its middle inside.
            $holding = array_keys(array_filter([-299.0, -301.0], fn (float $off): bool => self::holds($patch, self::turned($off, $index))));
            $middles[] = $holding;
        }
        // The ellipse begins at its right and goes clockwise: outside lies to the left, an eighth of it to each piece.
        self::assertSame(array_merge(...array_fill(0, 8, [[1], [0]])), $middles);
    }

    /** A place so far from the origin, in the middle of the eighth of a circle that a piece of two rows belongs to. */
    private static function turned(float $far, int $index): Point
    {
        $angle = 2 * M_PI * (intdiv($index, 2) + 0.5) / 8;

        return new Point(-$far * cos($angle), -$far * sin($angle));
    }

    public function test_where_a_path_comes_back_to_the_same_place_it_is_cut_once(): void
    {
        $back = Contours::parse('M-400 0L400 0L-400 0')->all[0];
        $patches = (new Cutting(PatchForm::Path, 1, 8, 1, self::box(), self::box(), along: $back))->patches();
        self::assertCount(4, $patches, 'each of the four middles is met twice');
        self::assertEqualsWithDelta(1920 * 1080, array_sum(array_map(self::area(...), $patches)), 0.01);
    }
}
