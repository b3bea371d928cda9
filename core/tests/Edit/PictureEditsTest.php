<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Edit;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Refusal;
use Ricamo\Core\Tests\Fixture;

/** Moving, scaling and turning on the picture. */
final class PictureEditsTest extends TestCase
{
    /** @param  array<string, mixed>  $fields */
    private function bar(array $fields = []): Composition
    {
        return Fixture::composition([Fixture::bar(['size' => [200, 100], 'position' => [500, 300], 'scaleLinked' => false, ...$fields])]);
    }

    /**
     * What is scaled by its handles: a group of 200 × 100 pixels.
     *
     * @param  array<string, mixed>  $fields
     */
    private function group(array $fields = []): Composition
    {
        return Fixture::composition([
            Fixture::bar(['id' => 'inner', 'size' => [200, 100], 'group' => 'bar']),
            [
                'id' => 'bar', 'kind' => 'group', 'name' => 'Bar', 'in' => 0, 'out' => 100, 'position' => [500, 300],
                'scaleLinked' => false, ...$fields,
            ],
        ]);
    }

    /** @param  array<string, mixed>  $args */
    private function pull(Composition $composition, string $handle, array $by, array $args = []): Composition
    {
        return Fixture::edit($composition, 'pull-handle', ['layer' => 'bar', 'frame' => 0, 'handle' => $handle, 'by' => $by, ...$args]);
    }

    private function place(Composition $composition, float $x, float $y): Point
    {
        return $composition->layer('bar')->matrix(0)->apply(new Point($x, $y));
    }

    #[TestWith([[30, -12], false, [530, 288]])]
    #[TestWith([[30, -12], true, [530, 300]])]
    #[TestWith([[3, -12], true, [500, 288]])]
    public function test_layers_are_moved_by_a_distance_or_along_one_axis(array $by, bool $straight, array $expected): void
    {
        $after = Fixture::edit($this->bar(), 'drag-layers', ['layers' => ['bar'], 'frame' => 0, 'by' => $by, 'straight' => $straight]);
        self::assertEquals($expected, Fixture::json($after, 'bar')['position']);
    }

    public function test_an_animated_position_is_dragged_at_the_playhead_only(): void
    {
        $before = $this->bar(['position' => Fixture::keyframes([0, [0, 0]], [10, [100, 0]])]);
        $after = Fixture::edit($before, 'drag-layers', ['layers' => ['bar'], 'frame' => 10, 'by' => [0, 40]]);
        self::assertEquals([100, 40], Fixture::json($after, 'bar')['position']['keyframes'][1]['value']);
        self::assertEquals([0, 0], Fixture::json($after, 'bar')['position']['keyframes'][0]['value']);
    }

    public function test_the_right_handle_widens_and_the_left_edge_stays(): void
    {
        $after = $this->pull($this->group(), 'right', [50, 7]);
        self::assertEquals([125, 100], Fixture::json($after, 'bar')['scale']);
        self::assertEquals(new Point(400, 300), $this->place($after, -100, 0));
        self::assertEquals(new Point(650, 300), $this->place($after, 100, 0));
    }

    /** @return iterable<string, array{string, array{float, float}, array{float, float}}> */
    public static function handles(): iterable
    {
        foreach ([
            'top-left' => [-1, -1], 'top-right' => [1, -1], 'bottom-right' => [1, 1], 'bottom-left' => [-1, 1],
        ] as $handle => [$x, $y]) {
            yield $handle => [$handle, [100.0 * $x, 50.0 * $y], [-100.0 * $x, -50.0 * $y]];
        }
    }

    /**
     * Whatever the layer's turn, anchor and scale, a free corner follows the pointer and the opposite one stays.
     *
     * @param  array{float, float}  $grabbed
     * @param  array{float, float}  $opposite
     */
    #[DataProvider('handles')]
    public function test_a_corner_follows_the_pointer(string $handle, array $grabbed, array $opposite): void
    {
        $before = $this->group(['rotation' => 33, 'scale' => [120, 70], 'anchor' => [17, -9]]);
        $after = $this->pull($before, $handle, [23, -31]);
        $followed = $this->place($before, ...$grabbed)->plus(new Point(23, -31));
        self::assertEqualsWithDelta($followed->x, $this->place($after, ...$grabbed)->x, 0.01);
        self::assertEqualsWithDelta($followed->y, $this->place($after, ...$grabbed)->y, 0.01);
        self::assertEqualsWithDelta($this->place($before, ...$opposite)->x, $this->place($after, ...$opposite)->x, 0.01);
        self::assertEqualsWithDelta($this->place($before, ...$opposite)->y, $this->place($after, ...$opposite)->y, 0.01);
    }

    public function test_from_the_centre_the_centre_stays(): void
    {
        $after = $this->pull($this->group(['rotation' => 20]), 'bottom-right', [30, 10], ['centred' => true]);
        self::assertEqualsWithDelta(500, $this->place($after, 0, 0)->x, 0.01);
        self::assertEqualsWithDelta(300, $this->place($after, 0, 0)->y, 0.01);
    }

    public function test_proportions_are_kept_where_linked_or_asked_for(): void
    {
        foreach ([[['scaleLinked' => true], []], [[], ['proportional' => true]]] as [$fields, $args]) {
            $scale = Fixture::json(
                $this->pull($this->group(['scale' => [100, 50], ...$fields]), 'bottom-right', [80, 0], $args), 'bar',
            )['scale'];
            self::assertEqualsWithDelta(2, $scale[0] / $scale[1], 1e-3);
            self::assertGreaterThan(100, $scale[0]);
        }
    }

    public function test_pulled_through_itself_it_is_flipped(): void
    {
        self::assertEquals([-50, 100], Fixture::json($this->pull($this->group(), 'right', [-300, 0]), 'bar')['scale']);
    }

    public function test_scaled_to_nothing_has_no_way_back_by_hand(): void
    {
        $this->expectException(Refusal::class);
        $this->pull($this->group(['scale' => [0, 0], 'scaleLinked' => true]), 'right', [10, 0]);
    }

    public function test_turning_counts_whole_turns(): void
    {
        $path = array_map(
            fn (int $step): array => [500 + 80 * cos(deg2rad(10 * $step)), 300 + 80 * sin(deg2rad(10 * $step))],
            range(0, 81),
        );
        $after = Fixture::edit($this->bar(), 'turn-layer', ['layer' => 'bar', 'frame' => 0, 'path' => $path]);
        self::assertEquals(810, Fixture::json($after, 'bar')['rotation']);
        $back = Fixture::edit($after, 'turn-layer', ['layer' => 'bar', 'frame' => 0, 'path' => array_reverse($path)]);
        self::assertEqualsWithDelta(0, Fixture::json($back, 'bar')['rotation'], 0.01);
    }

    public function test_turning_snaps_to_fifteen_degrees(): void
    {
        $after = Fixture::edit(
            $this->bar(['rotation' => 4]), 'turn-layer',
            ['layer' => 'bar', 'frame' => 0, 'path' => [[600, 300], [600, 340]], 'snap' => true],
        );
        self::assertEquals(30, Fixture::json($after, 'bar')['rotation']);
        // atan(40 / 100) is 21.80 degrees; unless it is asked for, nothing snaps.
        $free = Fixture::edit(
            $this->bar(['rotation' => 4]), 'turn-layer',
            ['layer' => 'bar', 'frame' => 0, 'path' => [[600, 300], [600, 340]]],
        );
        self::assertEquals(25.8, Fixture::json($free, 'bar')['rotation']);
    }

    public function test_a_straight_drag_along_the_diagonal_goes_across(): void
    {
        $after = Fixture::edit($this->bar(), 'drag-layers', ['layers' => ['bar'], 'frame' => 0, 'by' => [30, -30], 'straight' => true]);
        self::assertEquals([530, 300], Fixture::json($after, 'bar')['position']);
    }

    public function test_the_anchor_moves_and_the_picture_stays(): void
    {
        $before = $this->bar(['rotation' => 30, 'scale' => [150, 80]]);
        $after = Fixture::edit($before, 'move-anchor', ['layer' => 'bar', 'frame' => 0, 'to' => [420, 250]]);
        self::assertEquals([420, 250], Fixture::json($after, 'bar')['position']);
        foreach ([[-100, -50], [100, 50], [0, 0]] as [$x, $y]) {
            self::assertEqualsWithDelta($this->place($before, $x, $y)->x, $this->place($after, $x, $y)->x, 0.01);
            self::assertEqualsWithDelta($this->place($before, $x, $y)->y, $this->place($after, $x, $y)->y, 0.01);
        }
        // Turned after that, the layer turns about the new place.
        $turned = Fixture::edit(
            $after, 'set-values',
            ['frame' => 0, 'values' => [['layer' => 'bar', 'property' => 'rotation', 'value' => 120]]],
        );
        $anchor = $after->layer('bar')->point('anchor', 0);
        self::assertEqualsWithDelta(420, $this->place($turned, $anchor->x, $anchor->y)->x, 0.01);
    }

    public function test_a_moved_anchor_takes_the_whole_path_along(): void
    {
        $before = $this->bar(['position' => Fixture::keyframes([0, [500, 300]], [10, [600, 300]])]);
        $after = Fixture::edit($before, 'move-anchor', ['layer' => 'bar', 'frame' => 10, 'to' => [630, 340]]);
        self::assertEquals([[530, 340], [630, 340]], array_column(Fixture::json($after, 'bar')['position']['keyframes'], 'value'));
        self::assertEquals([30, 40], Fixture::json($after, 'bar')['anchor']);
    }

    /** @return iterable<string, array{array<string, mixed>}> */
    public static function movements(): iterable
    {
        $way = Fixture::keyframes([0, [200, 200]], [30, [700, 400], 'ease-in'], [60, [400, 800]]);
        yield 'place and turn' => [['position' => $way, 'rotation' => Fixture::keyframes([0, 0], [50, 300])]];
        yield 'place and scale' => [['position' => $way, 'scale' => Fixture::keyframes([0, [20, 20]], [50, [300, 150]])]];
        yield 'turning along its way' => [['position' => $way, 'turnsAlong' => true]];
        yield 'x and y apart' => [[
            'x' => Fixture::keyframes([0, 100], [40, 600]), 'y' => Fixture::keyframes([10, 100], [60, 300]),
            'rotation' => Fixture::keyframes([0, 0], [50, 300]),
        ]];
        yield 'the anchor itself' => [[
            'position' => $way, 'anchor' => Fixture::keyframes([0, [0, 0]], [60, [40, 20]]),
            'rotation' => Fixture::keyframes([0, 0], [50, 300]),
        ]];
        yield 'while an accent runs' => [['position' => $way, 'accents' => [['accent' => 'pulse', 'at' => 10, 'length' => 30]]]];
        yield 'while it arrives' => [['position' => [400, 300], 'arrive' => ['moves' => [['move' => 'grow']], 'length' => 40]]];
    }

    /** @param  array<string, mixed>  $fields */
    #[DataProvider('movements')]
    public function test_wherever_an_anchor_goes_the_layer_rests_where_it_did_on_that_frame(array $fields): void
    {
        $before = Fixture::composition([Fixture::bar(['size' => [200, 100], ...$fields])]);
        foreach ([3, 17, 30, 44] as $frame) {
            foreach ([
                ['move-anchor', ['layer' => 'bar', 'to' => [480, 260]]],
                ['place-anchors', ['layers' => ['bar'], 'x' => 'start', 'y' => 'end']],
            ] as [$edit, $args]) {
                $after = Fixture::edit($before, $edit, [...$args, 'frame' => $frame]);
                foreach ([[-100, -50], [100, 50]] as [$x, $y]) {
                    [$was, $is] = [
                        $before->layer('bar')->matrix($frame)->apply(new Point($x, $y)),
                        $after->layer('bar')->matrix($frame)->apply(new Point($x, $y)),
                    ];
                    self::assertEqualsWithDelta([$was->x, $was->y], [$is->x, $is->y], 0.1, "$edit at $frame");
                }
            }
        }
    }

    public function test_a_moved_anchor_leaves_every_state_of_a_layer_that_grows_and_turns_on_its_way(): void
    {
        $before = $this->bar([
            'position' => Fixture::keyframes([0, [500, 300]], [10, [600, 300]], [30, [900, 500]]),
            'scale' => Fixture::keyframes([0, [100, 100]], [30, [250, 80]]), 'rotation' => Fixture::keyframes([0, 0], [30, 90]),
        ]);
        $after = Fixture::edit($before, 'place-anchors', ['layers' => ['bar'], 'frame' => 17, 'x' => 'start', 'y' => 'end']);
        self::assertEquals([-100, 50], Fixture::json($after, 'bar')['anchor']);
        foreach ([0, 10, 30] as $frame) {
            foreach ([[-100, -50], [100, 50]] as [$x, $y]) {
                [$was, $is] = array_map(
                    fn (Composition $one): Point => $one->layer('bar')->matrix($frame)->apply(new Point($x, $y)),
                    [$before, $after],
                );
                self::assertEqualsWithDelta([$was->x, $was->y], [$is->x, $is->y], 0.01, "frame $frame");
            }
        }
    }

    /** @return array{float, float} the width and height that the bar has after its right edge was pulled */
    private function pulledBeside(float $by, array $args = [], array $bar = []): array
    {
        $composition = Fixture::composition([
            Fixture::bar(['size' => [300, 100], 'position' => [400, 300], 'scaleLinked' => false, ...$bar]),
            Fixture::bar(['id' => 'other', 'size' => [420, 80], 'position' => [1100, 800]]),
        ]);
        $after = Fixture::edit(
            $composition, 'pull-handle', ['layer' => 'bar', 'frame' => 0, 'handle' => 'right', 'by' => [$by, 0], ...$args],
        );
        $box = Fixture::evaluator()->pose($after->layer('bar'), $after, 0)->box;

        return [round($box->width(), 2), round($box->height(), 2)];
    }

    public function test_a_pulled_edge_is_drawn_to_the_size_that_another_layer_has(): void
    {
        self::assertSame([420.0, 100.0], $this->pulledBeside(116, ['snap' => 6]));
        self::assertSame([416.0, 100.0], $this->pulledBeside(116));
        self::assertSame([413.0, 100.0], $this->pulledBeside(113, ['snap' => 6]), 'seven pixels are not near');
        // From the middle the edge goes half as far as the width grows: 55 gives 410, five more on the pointer's side.
        self::assertSame([420.0, 100.0], $this->pulledBeside(55, ['snap' => 6, 'centred' => true]));
        self::assertSame([420.0, 140.0], $this->pulledBeside(116, ['snap' => 6, 'proportional' => true]));
    }

    public function test_a_pulled_edge_is_drawn_to_lines(): void
    {
        // The left edge stands at 250; the other's begins at 890, the middle of the frame at 960.
        self::assertSame([640.0, 100.0], $this->pulledBeside(338, ['snap' => 6]));
        self::assertSame([710.0, 100.0], $this->pulledBeside(407, ['snap' => 6]));
    }

    public function test_what_stands_askew_is_pulled_as_it_is(): void
    {
        self::assertEqualsWithDelta(300 + 116 * cos(deg2rad(20)), $this->pulledBeside(116, ['snap' => 6], ['rotation' => 20])[0], 0.01);
        self::assertSame([420.0, 100.0], $this->pulledBeside(-116, ['snap' => 6], ['rotation' => 180]));
    }
}
