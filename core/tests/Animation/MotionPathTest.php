<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Animation;

use PHPUnit\Framework\TestCase;
use Ricamo\Core\Animation\MotionPath;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Refusal;
use Ricamo\Core\Tests\Fixture;

final class MotionPathTest extends TestCase
{
    /** Nearly a quarter of a circle about (0, 0), from (100, 0) to (0, 100). */
    private function quarter(): MotionPath
    {
        $k = 55.22847498;

        return new MotionPath(new Point(100, 0), new Point(100, $k), new Point($k, 100), new Point(0, 100));
    }

    public function test_it_is_travelled_by_its_length(): void
    {
        self::assertEqualsWithDelta(50 * M_PI, $this->quarter()->length(), 0.05);
        for ($i = 0; $i <= 10; $i++) {
            $point = $this->quarter()->at($i / 10);
            self::assertEqualsWithDelta([100 * cos($i * M_PI / 20), 100 * sin($i * M_PI / 20)], [$point->x, $point->y], 0.06, "share $i");
        }
    }

    public function test_beyond_its_ends_it_goes_straight_on(): void
    {
        $beyond = $this->quarter()->at(1.1);
        self::assertEqualsWithDelta([-5 * M_PI, 100], [$beyond->x, $beyond->y], 0.1);
        $before = $this->quarter()->at(-0.1);
        self::assertEqualsWithDelta([100, -5 * M_PI], [$before->x, $before->y], 0.1);
    }

    public function test_one_that_stands_still_stays_there(): void
    {
        $at = new Point(0, 0);
        $still = new MotionPath($at, $at, $at, $at);
        self::assertSame(0.0, $still->length());
        foreach ([-0.2, 0.0, 0.5, 1.0, 1.2] as $progress) {
            self::assertEquals($at, $still->at($progress));
        }
    }

    private function bent(array $fields = []): Composition
    {
        return Fixture::composition([Fixture::bar(['position' => ['keyframes' => [
            ['at' => 0, 'value' => [100, 0], 'bend' => ['leave' => [0, 55.228]]],
            ['at' => 20, 'value' => [0, 100], 'bend' => ['arrive' => [55.228, 0]]], ['at' => 40, 'value' => [0, 300]],
        ]], ...$fields])]);
    }

    private function at(Composition $composition, float $frame): array
    {
        $place = $composition->layer('bar')->point('position', $frame);

        return [$place->x, $place->y];
    }

    public function test_a_keyframe_put_on_it_changes_nothing(): void
    {
        $cut = Fixture::edit($this->bent(), 'add-keyframe', ['layers' => ['bar'], 'property' => 'position', 'frame' => 7]);
        self::assertCount(4, $cut->layer('bar')->properties['position']->keyframes());
        for ($frame = 0; $frame <= 40; $frame++) {
            self::assertEqualsWithDelta($this->at($this->bent(), $frame), $this->at($cut, $frame), 0.05, "frame $frame");
        }
    }

    public function test_reversed_it_goes_the_same_way_back(): void
    {
        $reversed = Fixture::edit(
            $this->bent(), 'reverse-keyframes',
            ['keyframes' => [['layer' => 'bar', 'property' => 'position', 'frames' => [0, 20, 40]]]],
        );
        for ($frame = 0; $frame <= 40; $frame++) {
            self::assertEqualsWithDelta($this->at($this->bent(), 40 - $frame), $this->at($reversed, $frame), 0.01);
        }
    }

    public function test_even_pace_goes_by_the_length_of_the_path(): void
    {
        $paced = Fixture::edit(
            $this->bent(), 'space-keyframes',
            ['by' => 'distance', 'keyframes' => [['layer' => 'bar', 'property' => 'position', 'frames' => [0, 20, 40]]]],
        );
        // 157 and 200 pixels in 40 frames: 17.6 and 22.4.
        self::assertSame([0, 18, 40], array_keys($paced->layer('bar')->properties['position']->course($paced->layer('bar')->span)));
    }

    public function test_a_handle_takes_the_other_along_unless_the_corner_is_sharp(): void
    {
        $handles = fn (Composition $composition): array => $composition->layer('bar')->toJson()['position']['keyframes'][1]['bend'];
        $bend = ['layer' => 'bar', 'property' => 'position', 'frame' => 20, 'handle' => 'leave', 'to' => [0, 30]];
        self::assertSame(['arrive' => [0.0, -55.228], 'leave' => [0.0, 30.0]], $handles(Fixture::edit($this->bent(), 'bend-path', $bend)));
        self::assertSame(
            ['arrive' => [55.228, 0.0], 'leave' => [0.0, 30.0]],
            $handles(Fixture::edit($this->bent(), 'bend-path', ['sharp' => true] + $bend)),
        );
    }

    public function test_made_smooth_and_sharp_again(): void
    {
        $all = ['keyframes' => [['layer' => 'bar', 'property' => 'position', 'frames' => [20]]]];
        $smooth = Fixture::edit($this->bent(), 'smooth-path', $all)->layer('bar')->toJson()['position']['keyframes'][1]['bend'];
        // Along from (100, 0) to (0, 300), a third of the 141 and of the 200 pixels to its neighbours.
        self::assertEqualsWithDelta(47.14, hypot(...$smooth['arrive']), 0.01);
        self::assertEqualsWithDelta([-66.667 * 100 / hypot(100, 300), 66.667 * 300 / hypot(100, 300)], $smooth['leave'], 0.01);
        self::assertArrayNotHasKey(
            'bend',
            Fixture::edit($this->bent(), 'smooth-path', ['sharp' => true] + $all)->layer('bar')->toJson()['position']['keyframes'][1],
        );
    }

    public function test_it_turns_along(): void
    {
        $along = $this->bent(['turnsAlong' => true])->layer('bar');
        $heading = fn (float $frame): float => rad2deg(atan2($along->matrix($frame)->b, $along->matrix($frame)->a));
        self::assertEqualsWithDelta(135, $heading(10), 0.5);
        self::assertEqualsWithDelta(90, $heading(30), 0.01);
        self::assertEqualsWithDelta(90, $heading(90), 0.01, 'as it came there');
        self::assertEqualsWithDelta(90, $heading(0), 1.5);
    }

    public function test_only_a_place_goes_a_path(): void
    {
        $this->expectException(Refusal::class);
        $this->expectExceptionMessage('bend');
        Fixture::composition([Fixture::bar(['scale' => ['keyframes' => [['at' => 0, 'value' => [1, 1], 'bend' => ['leave' => [1, 1]]]]]])]);
    }
}
