<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Animation;

use PHPUnit\Framework\TestCase;
use Ricamo\Core\Animation\Easing\Easings;
use Ricamo\Core\Animation\Easing\Glide;
use Ricamo\Core\Animation\Keyframe;
use Ricamo\Core\Animation\Pin;
use Ricamo\Core\Animation\Property;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Path;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Path\Contours;
use Ricamo\Core\Time\FrameRange;
use Ricamo\Core\Value\Type\FactorsType;
use Ricamo\Core\Value\Type\NumberType;
use Ricamo\Core\Value\Type\PathType;
use Ricamo\Core\Value\Type\PointType;
use Ricamo\Core\Value\Type\ValueType;

final class GlidingTest extends TestCase
{
    /** @param  list<array{int, mixed, 2?: string, 3?: Pin}>  $course  frame, value, easing if other than glide, pin */
    private function property(ValueType $type, array $course): Property
    {
        return Property::keyframed($type, array_map(
            fn (array $one): Keyframe => new Keyframe(
                $one[0], $one[1], isset($one[2]) ? Easings::parse($one[2]) : new Glide, $one[3] ?? Pin::Start,
            ),
            $course,
        ));
    }

    private function span(): FrameRange
    {
        return new FrameRange(0, 100);
    }

    public function test_random_numbers_never_go_beyond_their_neighbours_and_have_no_break_in_speed(): void
    {
        mt_srand(3);
        for ($round = 0; $round < 60; $round++) {
            $course = [];
            for ($frame = 0; $frame < 90; $frame += mt_rand(3, 30)) {
                $course[] = [$frame, (float) mt_rand(-500, 500)];
            }
            $property = $this->property(new NumberType, $course);
            for ($i = 1; $i < count($course); $i++) {
                [[$from, $a], [$to, $b]] = [$course[$i - 1], $course[$i]];
                for ($frame = $from; $frame <= $to; $frame += 0.25) {
                    $value = $property->at($frame, $this->span());
                    self::assertGreaterThanOrEqual(min($a, $b) - 1e-9, $value);
                    self::assertLessThanOrEqual(max($a, $b) + 1e-9, $value);
                }
                if ($i < count($course) - 1) {
                    $step = 1e-4;
                    $before = ($property->at($to, $this->span()) - $property->at($to - $step, $this->span())) / $step;
                    $after = ($property->at($to + $step, $this->span()) - $property->at($to, $this->span())) / $step;
                    self::assertEqualsWithDelta($before, $after, 0.05, "at $to");
                }
            }
        }
    }

    public function test_at_one_pace_it_is_straight(): void
    {
        $property = $this->property(new NumberType, [[0, 0.0], [10, 100.0], [40, 400.0]]);
        for ($frame = 0; $frame <= 40; $frame++) {
            self::assertEqualsWithDelta(10 * $frame, $property->at($frame, $this->span()), 1e-9);
        }
    }

    public function test_the_speed_between_two_paces_is_their_weighted_harmonic_mean(): void
    {
        // 10 a frame for 10 frames, then 2 a frame for 20: weights 50 and 40, 90 / (50/10 + 40/2) = 3.6.
        $property = $this->property(new NumberType, [[0, 0.0], [10, 100.0], [30, 140.0]]);
        $step = 1e-4;
        self::assertEqualsWithDelta(3.6, ($property->at(10 + $step, $this->span()) - 100) / $step, 0.001);
        // By hand: from 10 a frame to 3.6 over 10 frames, h(½) = 50 + 10 (10 − 3.6) / 8.
        self::assertEqualsWithDelta(58, $property->at(5, $this->span()), 1e-9);
    }

    public function test_a_path_turns_a_corner_without_stopping(): void
    {
        $property = $this->property(new PointType, [[0, new Point(0, 0)], [20, new Point(100, 0)], [40, new Point(100, 100)]]);
        $step = 1e-4;
        $at = fn (float $frame): Point => $property->at($frame, $this->span());
        foreach ([$at(20)->minus($at(20 - $step)), $at(20 + $step)->minus($at(20))] as $speed) {
            self::assertEqualsWithDelta([2.5, 2.5], [$speed->x / $step, $speed->y / $step], 0.001);
        }
    }

    public function test_a_scale_does_not_go_beyond_its_keyframes(): void
    {
        $property = $this->property(new FactorsType, [[0, new Point(0, 100)], [20, new Point(100, 100)], [30, new Point(100, 50)]]);
        for ($frame = 0; $frame <= 30; $frame += 0.5) {
            self::assertLessThanOrEqual(100, $property->at($frame, $this->span())->x);
        }
    }

    public function test_beside_a_pause_it_comes_to_rest(): void
    {
        foreach ([
            [[0, new Point(0, 0)], [10, new Point(50, 0)], [20, new Point(50, 0)]],
            [[0, new Point(0, 0)], [10, new Point(50, 0), 'hold'], [20, new Point(90, 0)]],
        ] as $course) {
            $property = $this->property(new PointType, $course);
            self::assertEqualsWithDelta(50, $property->at(9.99, $this->span())->x, 0.001);
            self::assertSame(50.0, $property->at(15, $this->span())->x);
        }
    }

    public function test_an_outline_glides_by_how_far_it_has_come(): void
    {
        $square = fn (float $side): Contours => Contours::of(Path::rectangle(Box::centred($side, $side)));
        $property = $this->property(new PathType, [[0, $square(0.5)], [10, $square(100)], [20, $square(300), 'hold'], [30, $square(90)]]);
        $side = fn (float $frame): float => $property->at($frame, $this->span())->path()->bounds()->width();
        // Alike on both sides of the second keyframe: one keyframe in ten frames, of 99.5 and of 200 pixels.
        self::assertEqualsWithDelta(9.95, ($side(10) - $side(9.999)) / 0.001, 0.01);
        self::assertEqualsWithDelta(20.0, ($side(10.001) - $side(10)) / 0.001, 0.01);
        // Beside a pause it comes to rest: h(½) = ½ + (1 − 0) / 8 of the way from 100 to 300.
        self::assertEqualsWithDelta(100 + 200 * 0.625, $side(15), 1e-9);
        self::assertEqualsWithDelta(300, $side(25), 1e-9);
    }

    public function test_an_outline_passes_a_keyframe_at_one_pace_though_one_leg_is_longer(): void
    {
        $square = fn (float $side): Contours => Contours::of(Path::rectangle(Box::centred($side, $side)));
        $property = $this->property(new PathType, [[6, $square(20)], [10, $square(120)], [30, $square(320)]]);
        $side = fn (float $frame): float => $property->at($frame, $this->span())->path()->bounds()->width();
        // By the harmonic mean of 1/4 and 1/20 of the way a frame, weighted by 2 · 20 + 4 and 20 + 2 · 4.
        $pace = 72 / (44 * 4 + 28 * 20);
        self::assertEqualsWithDelta(100 * $pace, ($side(10) - $side(9.999)) / 0.001, 0.02);
        self::assertEqualsWithDelta(200 * $pace, ($side(10.001) - $side(10)) / 0.001, 0.02);
    }

    public function test_keyframes_of_both_pins_are_neighbours(): void
    {
        $together = $this->property(new NumberType, [[0, 0.0], [10, 100.0], [30, 140.0]]);
        $apart = $this->property(new NumberType, [[0, 0.0], [-90, 100.0, 'glide', Pin::End], [30, 140.0]]);
        for ($frame = 0; $frame <= 30; $frame++) {
            self::assertSame($together->at($frame, $this->span()), $apart->at($frame, $this->span()));
        }
    }
}
