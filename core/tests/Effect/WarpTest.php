<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Effect;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Geometry\Homography;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Handle\EffectPoints;
use Ricamo\Core\Refusal;
use Ricamo\Core\Tests\Fixture;

/** A bar of 200 × 100 with its middle at (500, 300), pulled into other shapes. */
final class WarpTest extends TestCase
{
    /** @param  array<string, mixed>  $effect */
    private function composition(array $effect, array $layer = []): Composition
    {
        return Fixture::composition([Fixture::bar([
            'size' => [200, 100], 'position' => [500, 300], 'effects' => [['id' => 'e1', ...$effect]], ...$layer,
        ])]);
    }

    /**
     * @param  array<string, mixed>  $effect
     * @return array{list<array{float, float}>, list<array{float, float}>, array<string, mixed>} where points are taken from,
     *     where they are seen, and the filter
     */
    private function warp(array $effect, array $layer = []): array
    {
        $filter = Fixture::evaluator()->frame($this->composition($effect, $layer), 0)->toJson()['items'][0]['filters'][0];

        return [array_chunk($filter['from'], 2), array_chunk($filter['to'], 2), $filter];
    }

    /** How the place where a point is seen is told from that which it is taken from, by the grid's nearest point. */
    private function seenAt(array $from, array $to, float $x, float $y): array
    {
        $distances = array_map(fn (array $point): float => hypot($point[0] - $x, $point[1] - $y), $from);

        return $to[array_search(min($distances), $distances, true)];
    }

    public function test_pinned_corners_are_seen_where_they_are_pulled_and_the_middle_where_the_diagonals_cross(): void
    {
        [$from, $to] = $this->warp([
            'effect' => 'corner-pin', 'topLeft' => [20, 30], 'topRight' => [-40, 10], 'bottomRight' => [10, -20],
            'bottomLeft' => [-30, 5],
        ]);
        // Something is drawn one pixel around, so the box's corners lie a little inside of the grid's.
        $homography = Homography::of(new Point(420, 280), new Point(560, 260), new Point(610, 330), new Point(370, 355));
        foreach ($from as $index => [$x, $y]) {
            $seen = $homography->apply(($x - 400) / 200, ($y - 250) / 100);
            self::assertEqualsWithDelta([$seen->x, $seen->y], $to[$index], 0.15);
        }
        self::assertEqualsWithDelta([370, 355], [$homography->apply(0, 1)->x, $homography->apply(0, 1)->y], 1e-9);
        // The line from (420, 280) to (610, 330) and that from (560, 260) to (370, 355) meet in both equations.
        $middle = $homography->apply(0.5, 0.5);
        self::assertEqualsWithDelta(0, ($middle->x - 420) * 50 - ($middle->y - 280) * 190, 1e-6);
        self::assertEqualsWithDelta(0, ($middle->x - 560) * 95 + ($middle->y - 260) * 190, 1e-6);
    }

    public function test_cells_are_as_many_as_perspective_needs(): void
    {
        self::assertSame(
            1,
            $this->warp([
                'effect' => 'corner-pin', 'topLeft' => [20, 30], 'topRight' => [20, 30], 'bottomRight' => [20, 30],
                'bottomLeft' => [20, 30],
            ])[2]['columns'],
        );
        self::assertSame(
            32,
            $this->warp([
                'effect' => 'corner-pin', 'topLeft' => [90, 40], 'topRight' => [-90, 40], 'bottomRight' => [1000, 400],
                'bottomLeft' => [-1000, 400],
            ])[2]['columns'],
        );
    }

    public function test_what_no_flat_picture_looks_like_is_refused_and_not_drawn(): void
    {
        $crossed = ['effect' => 'corner-pin', 'topLeft' => [250, 0]];
        self::assertSame([], Fixture::evaluator()->frame($this->composition($crossed), 0)->toJson()['items']);
        self::assertNull(Homography::of(new Point(0, 0), new Point(10, 0), new Point(20, 0), new Point(0, 10)));
        $composition = $this->composition(['effect' => 'corner-pin']);
        foreach ([
            ['pull-effect', ['layer' => 'bar', 'property' => 'e1.topLeft', 'frame' => 0, 'by' => [250, 0]]],
            ['set-values', ['frame' => 0, 'values' => [['layer' => 'bar', 'property' => 'e1.topLeft', 'value' => [250, 0]]]]],
        ] as [$edit, $args]) {
            try {
                Fixture::edit($composition, $edit, $args);
                self::fail("$edit was not refused");
            } catch (Refusal $refusal) {
                self::assertStringContainsString('across one another', $refusal->getMessage());
            }
        }
    }

    public function test_points_are_pulled_in_the_picture_however_the_layer_stands(): void
    {
        $composition = $this->composition(['effect' => 'corner-pin'], ['rotation' => 90, 'scale' => [200, 200]]);
        $before = $this->points($composition);
        // Turned clockwise the top left corner is at the top right: 100 · 2 to the right of the middle, and 200 up.
        self::assertEqualsWithDelta([600, 100], $before['e1.topLeft'], 1e-6);
        $edited = Fixture::edit(
            $composition, 'pull-effect',
            ['layer' => 'bar', 'property' => 'e1.topLeft', 'frame' => 0, 'by' => [-40, 3], 'straight' => true],
        );
        self::assertEqualsWithDelta([560, 100], $this->points($edited)['e1.topLeft'], 1e-6);
        self::assertEqualsWithDelta(
            [0, 20], [$edited->layer('bar')->point('e1.topLeft', 0)->x, $edited->layer('bar')->point('e1.topLeft', 0)->y],
            1e-6,
        );
        self::assertSame($before['e1.bottomLeft'], $this->points($edited)['e1.bottomLeft']);
        // Along an axis only where that is wished.
        $edited = Fixture::edit(
            $composition, 'pull-effect', ['layer' => 'bar', 'property' => 'e1.topLeft', 'frame' => 0, 'by' => [-40, 3]],
        );
        self::assertEqualsWithDelta([560, 103], $this->points($edited)['e1.topLeft'], 1e-6);
    }

    public function test_a_centre_is_one_of_them_and_what_is_off_has_none(): void
    {
        self::assertEqualsWithDelta(
            ['e1.centre' => [520, 290]], $this->points($this->composition(['effect' => 'twirl', 'centre' => [20, -10]])),
            1e-6,
        );
        self::assertSame([], $this->points($this->composition(['effect' => 'twirl', 'on' => false])));
        $this->expectExceptionMessage('no effect with a point');
        Fixture::edit(
            $this->composition(['effect' => 'blur']), 'pull-effect',
            ['layer' => 'bar', 'property' => 'e1.radius', 'frame' => 0, 'by' => [1, 1]],
        );
    }

    /** @return array<string, array{float, float}> */
    private function points(Composition $composition): array
    {
        return array_column(EffectPoints::of($composition->layer('bar'), $composition, 0, Fixture::evaluator()), 'at', 'property');
    }

    #[TestWith([50, 2.0])]
    #[TestWith([75, 4.0])]
    #[TestWith([-100, 0.5])]
    public function test_a_bulge_enlarges_its_middle_and_leaves_its_edge(float $amount, float $times): void
    {
        [$from, $to, $filter] = $this->warp(['effect' => 'bulge', 'amount' => $amount, 'radius' => 240, 'centre' => [10, 0]]);
        $ring = $filter['columns'] + 1;
        // The first ring lies ten pixels out, 1/24 of the radius.
        self::assertEqualsWithDelta($times, ($to[$ring][0] - 510) / ($from[$ring][0] - 510), 0.01 * $times ** 2);
        self::assertEqualsWithDelta([750, 300], end($to), 1e-6);
        self::assertEqualsWithDelta(end($to), end($from), 1e-6);
        self::assertTrue($filter['rest']);
        // No point is seen twice: outwards is outwards everywhere.
        for ($index = 1; $index < count($from) / $ring; $index++) {
            self::assertGreaterThan($from[($index - 1) * $ring][0], $from[$index * $ring][0]);
        }
    }

    public function test_a_twirl_turns_its_middle_clockwise(): void
    {
        [$from, $to, $filter] = $this->warp(['effect' => 'twirl', 'angle' => 90, 'radius' => 320]);
        $ring = $filter['columns'] + 1;
        // What is seen below the middle was to the right of it.
        $below = $ring + 24;
        self::assertEqualsWithDelta([500, 310], $to[$below], 0.01);
        self::assertEqualsWithDelta([510, 300], $from[$below], 0.05);
        self::assertEqualsWithDelta(end($to), end($from), 1e-6);
    }

    public function test_a_wave_lifts_by_its_height_a_quarter_of_its_length_on(): void
    {
        [$from, $to] = $this->warp(['effect' => 'wave', 'height' => 20, 'wavelength' => 48, 'phase' => 0]);
        $lifts = [];
        foreach ($to as $index => [$x, $y]) {
            self::assertEqualsWithDelta(20 * sin(2 * M_PI * ($x - 500) / 48), $from[$index][1] - $y, 0.01);
            $lifts[] = abs($from[$index][1] - $y);
        }
        self::assertEqualsWithDelta(20, max($lifts), 1);
        // In its own direction: down a layer, waves go to the sides.
        [$from, $to] = $this->warp(['effect' => 'wave', 'height' => 20, 'wavelength' => 48, 'angle' => 90]);
        foreach ($to as $index => [, $y]) {
            self::assertEqualsWithDelta($y, $from[$index][1], 0.01);
        }
    }

    public function test_a_ripple_runs_outwards_and_dies_away(): void
    {
        $lift = function (float $phase): array {
            [$from, $to, $filter] = $this->warp([
                'effect' => 'ripple', 'height' => 10, 'wavelength' => 100, 'radius' => 200, 'phase' => $phase,
            ]);
            $ring = $filter['columns'] + 1;

            return array_map(
                fn (int $index): float => $from[$index * $ring][0] - $to[$index * $ring][0],
                range(0, count($from) / $ring - 1),
            );
        };
        // Twenty rings of ten pixels; a quarter of a wave out, which is half of the height where the part is 1/8 of the way.
        self::assertEqualsWithDelta(10 * 4 * 0.1 * 0.9 * sin(2 * M_PI * 20 / 100), $lift(0)[2], 0.02);
        self::assertEqualsWithDelta([0, 0], [$lift(0)[0], $lift(0)[20]], 1e-6);
        // A quarter of a turn on, the wave that was at 50 px is at 75 px: both are where it changes from one side to the other.
        self::assertEqualsWithDelta(0, $lift(0)[5], 0.02);
        self::assertLessThan(0, $lift(90)[7] * $lift(90)[8]);
    }

    public function test_a_smear_draws_out_what_is_farther_than_its_radius_and_leaves_the_rest(): void
    {
        [$from, $to, $filter] = $this->warp(['effect' => 'smear', 'amount' => 100, 'radius' => 40, 'centre' => [-100, 0]]);
        foreach ($to as $index => [$x, $y]) {
            self::assertEqualsWithDelta(40, hypot($from[$index][0] - 400, $from[$index][1] - 300), 0.02);
            self::assertGreaterThanOrEqual(39.98, hypot($x - 400, $y - 300));
        }
        self::assertTrue($filter['rest']);
        [$from, $to] = $this->warp(['effect' => 'smear', 'amount' => 75, 'radius' => 40]);
        foreach ($to as $index => [$x, $y]) {
            self::assertEqualsWithDelta(
                (hypot($x - 500, $y - 300) - 40) / 4, hypot($from[$index][0] - 500, $from[$index][1] - 300) - 40, 0.02,
            );
        }
    }

    public function test_a_mesh_goes_through_its_points_and_bends_smoothly(): void
    {
        [$from, $to] = $this->warp(['effect' => 'mesh', 'point22' => [15, -12], 'point44' => [30, 20]]);
        // The grid has a margin of a pixel, so its points are near those that are pulled.
        self::assertEqualsWithDelta([466.7 + 15, 283.3 - 12], $this->seenAt($from, $to, 466.7, 283.3), 4.5);
        self::assertEqualsWithDelta([630, 370], $this->seenAt($from, $to, 600, 350), 2);
        self::assertEqualsWithDelta([400, 250], $this->seenAt($from, $to, 400, 250), 2);
        self::assertEqualsWithDelta([533.3, 316.7], $this->seenAt($from, $to, 533.3, 316.7), 4.5);
    }

    public function test_a_mesh_that_is_pulled_evenly_is_pulled_evenly_everywhere(): void
    {
        // Each point by as much as its place says: as if the layer grew by 30 px to the right, and by 12 upwards.
        $pulled = ['effect' => 'mesh'];
        foreach (range(1, 4) as $row) {
            foreach (range(1, 4) as $column) {
                $pulled["point$row$column"] = [10 * ($column - 1), -4 * ($row - 1)];
            }
        }
        [$from, $to] = $this->warp($pulled);
        foreach ($from as $index => [$x, $y]) {
            $u = max(0, min(1, ($x - 400) / 200));
            $v = max(0, min(1, ($y - 250) / 100));
            self::assertEqualsWithDelta([$x + 30 * $u, $y - 12 * $v], $to[$index], 0.02);
        }
    }

    public function test_what_hangs_over_the_edges_of_a_pinned_layer_goes_along(): void
    {
        // An outline of 40 px with pointed corners reaches 80 beyond at most; moved as a whole, all of it is in the grid and
        // moves by as much.
        $moved = ['topLeft' => [30, 0], 'topRight' => [30, 0], 'bottomRight' => [30, 0], 'bottomLeft' => [30, 0]];
        [$from, $to] = $this->warp(['effect' => 'corner-pin', ...$moved], ['outlineWidth' => 40, 'outline' => '#ffffff']);
        self::assertEqualsWithDelta([[400 - 81, 250 - 81], [600 + 81, 350 + 81]], [$from[0], end($from)], 0.01);
        self::assertEqualsWithDelta([[400 - 51, 250 - 81], [600 + 111, 350 + 81]], [$to[0], end($to)], 0.01);
    }

    public function test_what_shrinks_is_taken_from_a_smaller_picture(): void
    {
        $all = ['topLeft' => [80, 40], 'topRight' => [-80, 40], 'bottomRight' => [-80, -40], 'bottomLeft' => [80, -40]];
        // To a fifth: between a quarter and an eighth.
        self::assertSame([2], array_values(array_unique($this->warp(['effect' => 'corner-pin', ...$all])[2]['halvings'])));
        self::assertArrayNotHasKey('halvings', $this->warp(['effect' => 'corner-pin', 'topLeft' => [-80, -40]])[2]);
    }

    public function test_nothing_is_done_where_there_is_nothing_to_do(): void
    {
        $still = [
            'mesh' => [], 'bulge' => ['amount' => 0], 'twirl' => ['angle' => 0], 'ripple' => ['height' => 0],
            'wave' => ['height' => 0], 'smear' => ['amount' => 0], 'corner-pin' => [],
        ];
        foreach ($still as $name => $settings) {
            self::assertSame(
                'fill',
                Fixture::evaluator()->frame($this->composition(['effect' => $name, ...$settings]), 0)->toJson()['items'][0]['op'],
                $name,
            );
        }
    }
}
