<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Edit;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Evaluate\Pose;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Refusal;
use Ricamo\Core\Tests\Fixture;

/** What the handles of shapes do: to their size, not to their scale. */
final class HandlesTest extends TestCase
{
    private const DIRECTIONS = [
        'top-left' => [-1, -1], 'top' => [0, -1], 'top-right' => [1, -1], 'right' => [1, 0],
        'bottom-right' => [1, 1], 'bottom' => [0, 1], 'bottom-left' => [-1, 1], 'left' => [-1, 0],
    ];

    private const FRAME = 10;

    /** @param  array<string, mixed>  $args */
    private function pull(Composition $composition, string $layer, string $handle, array $by, array $args = []): Composition
    {
        return Fixture::edit($composition, 'pull-handle', ['layer' => $layer, 'frame' => self::FRAME, 'handle' => $handle, 'by' => $by, ...$args]);
    }

    private function pose(Composition $composition, string $layer): Pose
    {
        return Fixture::evaluator()->pose($composition->layer($layer), $composition, self::FRAME);
    }

    /** Of a pose the place on its box that lies in a direction from the middle, in composition pixels. */
    private function on(Pose $pose, float $x, float $y): Point
    {
        $box = $pose->box;

        return $pose->matrix->apply(
            new Point($box->centre()->x + $x * $box->width() / 2, $box->centre()->y + $y * $box->height() / 2),
        );
    }

    private function assertAt(Point $expected, Point $actual, string $what = ''): void
    {
        self::assertEqualsWithDelta($expected->x, $actual->x, 0.02, $what);
        self::assertEqualsWithDelta($expected->y, $actual->y, 0.02, $what);
    }

    /** @return iterable<string, array{array<string, mixed>, array<string, mixed>|null}> of a shape, and of a group that it is in */
    public static function shapes(): iterable
    {
        yield 'as it is' => [[], null];
        yield 'turned, scaled and anchored elsewhere' => [['rotation' => 33, 'scale' => [120, -70], 'anchor' => [17, -9]], null];
        yield 'with keyframes' => [[
            'size' => Fixture::keyframes([0, [40, 30]], [20, [240, 90]]), 'position' => Fixture::keyframes([0, [0, 0]], [30, [300, 200]]),
            'rotation' => Fixture::keyframes([0, -20], [20, 50]),
        ], null];
        yield 'in a turned and stretched group' => [
            ['rotation' => 12, 'anchor' => [40, 10]], ['rotation' => -40, 'scale' => [150, 60], 'position' => [310, 90], 'anchor' => [20, 5]],
        ];
        yield 'a path' => [['form' => 'path', 'path' => 'M-20 -10L140 0L90 70Z', 'rotation' => 80], null];
        yield 'a path in a group' => [['form' => 'path', 'path' => 'M-20 -10C10 -80 60 20 140 0L90 70Z'], ['rotation' => 25, 'scale' => [80, 130]]];
        yield 'a speech plate' => [['form' => 'speech', 'tail' => [-60, 130], 'rotation' => 5], null];
    }

    /**
     * What is pulled goes as far as the pointer, and what is opposite stays, in both directions and through itself.
     *
     * @param  array<string, mixed>  $fields
     * @param  array<string, mixed>|null  $group
     */
    #[DataProvider('shapes')]
    public function test_the_pulled_edge_follows_and_the_opposite_one_stays(array $fields, ?array $group): void
    {
        $shape = Fixture::bar(['size' => [200, 100], 'position' => [500, 300], ...$fields, ...($group === null ? [] : ['group' => 'g'])]);
        $before = Fixture::composition($group === null ? [$shape] : [
            $shape, ['id' => 'g', 'kind' => 'group', 'name' => 'Group', 'in' => 0, 'out' => 50, ...$group],
        ]);
        $was = $this->pose($before, 'bar');
        foreach (self::DIRECTIONS as $handle => [$x, $y]) {
            foreach ([[23, -31], [-45.5, 12.25], [-$x * 900, -$y * 900]] as $by) {
                $after = $this->pull($before, 'bar', $handle, $by);
                $is = $this->pose($after, 'bar');
                $what = "$handle by ".implode(', ', $by);
                // What was turned over is as large on the other side: its edges are told by where they are.
                $pointer = $is->matrix->inverse()->apply($this->on($was, $x, $y)->plus(new Point(...$by)));
                $edges = ['x' => [$is->box->left, $is->box->right], 'y' => [$is->box->top, $is->box->bottom]];
                foreach (['x' => $x, 'y' => $y] as $axis => $direction) {
                    if ($direction !== 0) {
                        $distances = array_map(fn (float $edge): float => abs($edge - $pointer->$axis), $edges[$axis]);
                        self::assertLessThan(0.02, min($distances), "$what along $axis");
                    }
                }
                if ($by[0] !== -$x * 900) {
                    $this->assertAt($this->on($was, -$x, -$y), $this->on($is, -$x, -$y), $what);
                }
                self::assertSame($this->scales($before), $this->scales($after), $what);
            }
        }
    }

    /** @return list<mixed> */
    private function scales(Composition $composition): array
    {
        return array_map(fn (Point $scale): array => [$scale->x, $scale->y], [$composition->layer('bar')->point('scale', self::FRAME)]);
    }

    public function test_from_the_middle_both_sides_go(): void
    {
        $after = $this->pull(
            Fixture::composition([Fixture::bar(['size' => [200, 100], 'position' => [500, 300]])]), 'bar', 'right', [30, 8], ['centred' => true],
        );
        self::assertSame([[260.0, 100.0], [500.0, 300.0]], [Fixture::json($after, 'bar')['size'], Fixture::json($after, 'bar')['position']]);
    }

    public function test_sizes_keep_their_proportions_where_linked_or_asked_for(): void
    {
        $before = Fixture::composition([Fixture::bar(['size' => [200, 100], 'position' => [500, 300]])]);
        self::assertSame([240.0, 100.0], Fixture::json($this->pull($before, 'bar', 'bottom-right', [40, 0]), 'bar')['size']);
        // (200, 100) + (40, 0) lies 1.16 times as far along the diagonal.
        $linked = Fixture::edit($before, 'set-layer', ['layers' => ['bar'], 'scaleLinked' => true]);
        foreach ([$this->pull($before, 'bar', 'bottom-right', [40, 0], ['proportional' => true]), $this->pull($linked, 'bar', 'bottom-right', [40, 0])] as $after) {
            self::assertSame([232.0, 116.0], Fixture::json($after, 'bar')['size']);
        }
    }

    public function test_a_bar_grows_out_of_nothing(): void
    {
        $before = Fixture::composition([Fixture::bar(['size' => [0, 20], 'position' => [500, 300]])]);
        foreach ([['right', [80, 0], [80.0, 20.0], [540.0, 300.0]], ['top-left', [-80, -10], [80.0, 30.0], [460.0, 295.0]]] as [$handle, $by, $size, $at]) {
            $bar = Fixture::json($this->pull($before, 'bar', $handle, $by), 'bar');
            self::assertSame([$size, $at], [$bar['size'], $bar['position']]);
        }
        self::assertSame([60.0, 20.0], Fixture::json($this->pull($before, 'bar', 'right', [30, 0], ['centred' => true]), 'bar')['size']);
    }

    public function test_where_size_has_keyframes_a_pull_makes_one(): void
    {
        $grows = Fixture::keyframes([0, [0, 20]], [20, [100, 20]]);
        $before = Fixture::composition([Fixture::bar(['size' => $grows, 'position' => [500, 300]])]);
        $keyframes = Fixture::json($this->pull($before, 'bar', 'right', [10, 0]), 'bar')['size']['keyframes'];
        self::assertSame([[0.0, 20.0], [60.0, 20.0], [100.0, 20.0]], array_column($keyframes, 'value'));
        self::assertSame([0, 10, 20], array_column($keyframes, 'at'));
    }

    public function test_the_tail_of_a_speech_plate_goes_on_pointing_where_it_did(): void
    {
        $before = Fixture::composition([Fixture::bar(['form' => 'speech', 'size' => [200, 100], 'tail' => [-60, 130], 'rotation' => 30])]);
        $tip = function (Composition $composition): Point {
            $layer = $composition->layer('bar');

            return $layer->matrix(self::FRAME)->apply($layer->point('tail', self::FRAME));
        };
        foreach (['left', 'bottom-right', 'top'] as $handle) {
            $this->assertAt($tip($before), $tip($this->pull($before, 'bar', $handle, [37, -14])), $handle);
        }
    }

    public function test_what_is_repeated_is_scaled_as_a_whole(): void
    {
        $before = Fixture::composition([Fixture::bar(['size' => [100, 50], 'columns' => 3, 'gaps' => [10, 0], 'position' => [500, 300]])]);
        // 3 × 100 and two gaps of 10 are 320.
        $bar = Fixture::json($this->pull($before, 'bar', 'right', [160, 0]), 'bar');
        self::assertSame([[100.0, 50.0], [150.0, 100.0]], [$bar['size'], $bar['scale']]);
    }

    public function test_several_layers_grow_as_one_picture(): void
    {
        $before = Fixture::composition([
            Fixture::bar(['id' => 'a', 'size' => [100, 50], 'position' => [250, 125], 'rotation' => 90, 'outlineWidth' => 4]),
            Fixture::words(['id' => 'b', 'position' => [500, 300]]),
            Fixture::bar(['id' => 'c', 'size' => [60, 60], 'position' => [30, 30], 'group' => 'g']),
            ['id' => 'g', 'kind' => 'group', 'name' => 'Group', 'in' => 0, 'out' => 50, 'position' => [400, 100], 'rotation' => 45, 'scale' => [50, 50]],
        ]);
        $corner = new Point(225, 75);
        foreach ([['a', 'b', 'c'], ['a', 'b', 'g'], ['a', 'b', 'c', 'g']] as $layers) {
            $poses = array_map(fn (string $id): Pose => $this->pose($before, $id), $layers);
            $all = array_reduce($poses, fn ($box, Pose $pose) => $box?->union($pose->bounds()) ?? $pose->bounds());
            self::assertEqualsWithDelta([225, 75], [$all->left, $all->top], 0.01);
            // Along the diagonal by half of it.
            $by = [($all->right - 225) / 2, ($all->bottom - 75) / 2];
            $after = Fixture::edit($before, 'pull-layers', ['layers' => $layers, 'frame' => self::FRAME, 'handle' => 'bottom-right', 'by' => $by]);
            foreach (['a', 'b', 'c'] as $id) {
                foreach ([[-1, -1], [1, -1], [1, 1]] as [$x, $y]) {
                    $grown = $corner->plus($this->on($this->pose($before, $id), $x, $y)->minus($corner)->times(1.5));
                    $this->assertAt($grown, $this->on($this->pose($after, $id), $x, $y), "$id of ".implode(', ', $layers));
                }
            }
            $a = Fixture::json($after, 'a');
            self::assertSame([[150.0, 75.0], [100.0, 100.0], 4.0], [$a['size'], $a['scale'], $a['outlineWidth']]);
        }
    }

    public function test_the_box_around_several_is_drawn_to_a_guide_and_never_vanishes(): void
    {
        $before = Fixture::composition([
            Fixture::bar(['id' => 'a', 'size' => [100, 100], 'position' => [150, 150]]), Fixture::bar(['id' => 'b', 'size' => [100, 100], 'position' => [350, 350]]),
        ], ['guides' => [['axis' => 'x', 'at' => 520]]]);
        $pull = fn (array $by, float $snap): array => Fixture::json(Fixture::edit($before, 'pull-layers', [
            'layers' => ['a', 'b'], 'frame' => self::FRAME, 'handle' => 'bottom-right', 'by' => $by, 'snap' => $snap,
        ]), 'a')['size'];
        // The box is 300 wide and begins at 100: 420 of 300 are 1.4.
        self::assertEqualsWithDelta([140, 140], $pull([118, 118], 6), 0.001);
        self::assertEqualsWithDelta([139.333, 139.333], $pull([118, 118], 0), 0.001);
        self::assertEqualsWithDelta([1, 1], $pull([-900, -900], 0), 0.001);
    }

    public function test_nothing_has_no_handles(): void
    {
        $this->expectExceptionObject(new Refusal('what is selected is empty here: it has no handles to pull'));
        Fixture::edit(
            Fixture::composition([Fixture::bar(['size' => [0, 0]])]), 'pull-layers',
            ['layers' => ['bar'], 'frame' => self::FRAME, 'handle' => 'right', 'by' => [4, 4]],
        );
    }
}
