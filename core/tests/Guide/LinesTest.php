<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Guide;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Geometry\Axis;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Guide\Guide;
use Ricamo\Core\Guide\Lines;
use Ricamo\Core\Tests\Fixture;

/** A frame of 1920 × 1080, a post from 300 to 500 and 200 to 600, and a bar of 100 × 50 on the move. */
final class LinesTest extends TestCase
{
    private function composition(float $x, float $y): Composition
    {
        return Fixture::composition([
            Fixture::bar(['id' => 'post', 'size' => [200, 400], 'position' => [400, 400]]),
            Fixture::bar(['size' => [100, 50], 'position' => [$x, $y]]),
        ]);
    }

    /** @return array{float, float} where the bar's middle is after a drag by nothing, drawn in from 8 pixels around */
    private function snapped(float $x, float $y, array $args = []): array
    {
        $after = Fixture::edit(
            $this->composition($x, $y), 'drag-layers',
            ['layers' => ['bar'], 'frame' => 0, 'by' => [0, 0], 'snap' => 8, ...$args],
        );
        $position = $after->layer('bar')->point('position', 0);

        return [$position->x, $position->y];
    }

    #[TestWith([957.0, 700.0, 960.0, 700.0])] // middle to the frame's middle
    #[TestWith([700.0, 22.0, 700.0, 25.0])] // upper edge to the frame's edge
    #[TestWith([1770.0, 1003.5, 1774.0, 1001.0])] // right and lower edge to the title-safe area, at 1824 and 1026
    #[TestWith([149.0, 700.0, 146.0, 700.0])] // left edge to the title-safe area's, at 96
    #[TestWith([700.0, 82.0, 700.0, 79.0])] // upper edge to the title-safe area's, at 54
    #[TestWith([1871.0, 1057.0, 1870.0, 1055.0])] // right and lower edge to the frame's
    #[TestWith([553.0, 700.0, 550.0, 700.0])] // left edge to the post's right one
    #[TestWith([700.0, 222.0, 700.0, 225.0])] // upper edge to the post's upper one
    #[TestWith([700.0, 700.0, 700.0, 700.0])] // nothing is near
    #[TestWith([951.0, 700.0, 951.0, 700.0])] // nine pixels are too far
    public function test_what_comes_near_a_line_is_drawn_to_it(float $x, float $y, float $thereX, float $thereY): void
    {
        self::assertSame([$thereX, $thereY], $this->snapped($x, $y));
    }

    public function test_a_straight_drag_is_drawn_along_its_own_axis_only(): void
    {
        self::assertSame([960.0, 537.0], $this->snapped(900.0, 537.0, ['by' => [57, 2], 'straight' => true]));
        self::assertSame([900.0, 540.0], $this->snapped(900.0, 500.0, ['by' => [2, 37], 'straight' => true]));
    }

    public function test_guides_say_what_is_aligned_and_join_it(): void
    {
        $lines = Lines::of($this->composition(0, 0), Fixture::evaluator(), 0, ['bar']);
        $guides = array_map(fn (Guide $guide): array => $guide->toJson(), $lines->touching(new Box(500, 700, 600, 750)));
        self::assertEquals([['axis' => 'x', 'at' => 500, 'from' => 200, 'to' => 750]], $guides);
        $middle = $lines->touching(new Box(910, 515, 1010, 565));
        self::assertEquals([['x', 960.0], ['y', 540.0]], array_map(fn (Guide $guide): array => [$guide->axis->value, $guide->at], $middle));
        self::assertSame([], $lines->touching(new Box(611, 711, 700, 760)));
    }

    public function test_the_title_safe_area_is_five_hundredths_in_from_each_side(): void
    {
        $boxes = Lines::of(Fixture::composition([]), Fixture::evaluator(), 0, [])->boxes;
        self::assertEquals([new Box(0, 0, 1920, 1080), new Box(96, 54, 1824, 1026)], $boxes);
    }

    public function test_a_box_is_drawn_in_from_as_far_as_is_said_and_by_the_nearest_line(): void
    {
        $lines = Lines::of(Fixture::composition([]), Fixture::evaluator(), 0, []);
        self::assertSame(5.0, $lines->pull(new Box(-5, 300, 85, 310), 5)->x);
        self::assertSame(0.0, $lines->pull(new Box(-5.1, 300, 84.8, 310), 1)->x);
        // Its left edge is 4 from the frame's, its right edge 1 from the title-safe area's.
        self::assertSame(1.0, $lines->pull(new Box(4, 300, 95, 310), 5)->x);
    }

    public function test_layers_that_are_not_seen_draw_nothing_in(): void
    {
        $composition = Fixture::composition([
            Fixture::bar(['id' => 'post', 'in' => 50, 'position' => [400, 400]]),
            Fixture::bar(['id' => 'gone', 'visible' => false]),
        ]);
        self::assertCount(2, Lines::of($composition, Fixture::evaluator(), 0, [])->boxes);
        self::assertCount(3, Lines::of($composition, Fixture::evaluator(), 60, [])->boxes);
        self::assertCount(2, Lines::of($composition, Fixture::evaluator(), 60, ['post'])->boxes);
    }

    /**
     * @return array{Composition, callable(float, float): array<string, mixed>} two bars of 100 × 50 with a gap of 60, and a
     *     third that is dragged from far away
     */
    private function row(): array
    {
        $bar = fn (string $id, float $x, float $y): array => Fixture::bar(['id' => $id, 'size' => [100, 50], 'position' => [$x, $y]]);
        $composition = Fixture::composition([$bar('a', 300, 333), $bar('b', 460, 341), $bar('c', 1500, 800)]);

        return [
            $composition,
            fn (float $x, float $y): array => Fixture::json(
                Fixture::edit($composition, 'drag-layers', ['layers' => ['c'], 'frame' => 0, 'by' => [$x - 1500, $y - 800], 'snap' => 6]),
                'c',
            ),
        ];
    }

    public function test_a_third_thing_is_drawn_to_the_distance_that_two_have(): void
    {
        [, $dragged] = $this->row();
        // Behind the second, which ends at 510: 60 on, and half of itself. Its height is no line of theirs.
        self::assertEquals([620, 350], $dragged(624, 350)['position']);
        self::assertEquals([140, 350], $dragged(137, 350)['position'], 'before the first');
        self::assertEquals([628, 350], $dragged(628, 350)['position'], 'too far away');
        self::assertEquals([624, 600], $dragged(624, 600)['position'], 'not in a row with them');
    }

    public function test_between_two_it_is_drawn_to_their_middle_and_guides_show_both_gaps(): void
    {
        $bar = fn (string $id, float $x): array => Fixture::bar(['id' => $id, 'size' => [100, 50], 'position' => [$x, 333]]);
        $composition = Fixture::composition([$bar('a', 300), $bar('b', 700), $bar('c', 503)]);
        $after = Fixture::edit($composition, 'drag-layers', ['layers' => ['c'], 'frame' => 0, 'by' => [0, 17], 'snap' => 6]);
        self::assertEquals([500, 350], Fixture::json($after, 'c')['position']);
        $guides = Lines::of($after, Fixture::evaluator(), 0, ['c'])->touching(
            Fixture::evaluator()->pose($after->layer('c'), $after, 0)->bounds(),
        );
        $level = array_values(array_filter($guides, fn (Guide $guide): bool => $guide->axis === Axis::Y && $guide->at === 350.0));
        self::assertEquals([[350, 450], [550, 650]], array_map(fn (Guide $guide): array => [$guide->from, $guide->to], $level));
    }
}
