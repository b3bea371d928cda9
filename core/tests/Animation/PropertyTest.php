<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Animation;

use LogicException;
use PHPUnit\Framework\TestCase;
use Ricamo\Core\Animation\Easing\Hold;
use Ricamo\Core\Animation\Easing\Linear;
use Ricamo\Core\Animation\Keyframe;
use Ricamo\Core\Animation\Pin;
use Ricamo\Core\Animation\Property;
use Ricamo\Core\Colour\Colour;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Geometry\Size;
use Ricamo\Core\Time\FrameRange;
use Ricamo\Core\Value\Type\AngleType;
use Ricamo\Core\Value\Type\ColourType;
use Ricamo\Core\Value\Type\FlagType;
use Ricamo\Core\Value\Type\NumberType;
use Ricamo\Core\Value\Type\PointType;
use Ricamo\Core\Value\Type\SizeType;
use Ricamo\Core\Value\Type\ValueType;

final class PropertyTest extends TestCase
{
    public function test_a_constant_is_the_same_at_all_times(): void
    {
        $property = Property::constant(new NumberType, 7.0);
        foreach ([-100, 0, 0.5, 9999] as $frame) {
            self::assertSame(7.0, $property->at($frame, new FrameRange(0, 10)));
        }
        self::assertFalse($property->isAnimated());
    }

    public function test_it_runs_between_keyframes_and_holds_outside_them(): void
    {
        $property = $this->numbers([10, 0.0], [20, 100.0], [30, 50.0]);
        $span = new FrameRange(5, 105);
        foreach ([[5, 0.0], [15, 0.0], [20, 50.0], [25, 100.0], [30, 75.0], [35, 50.0], [90, 50.0]] as [$frame, $value]) {
            self::assertSame($value, $property->at($frame, $span), "frame $frame");
        }
        self::assertSame(52.5, $property->at(20.25, $span));
    }

    public function test_a_trim_keeps_the_values_at_pinned_keyframes(): void
    {
        $property = Property::keyframed(new NumberType, [
            new Keyframe(0, 0.0), new Keyframe(10, 1.0),
            new Keyframe(-10, 1.0, new Linear, Pin::End), new Keyframe(-1, 0.0, new Linear, Pin::End),
        ]);
        foreach ([new FrameRange(0, 100), new FrameRange(40, 100), new FrameRange(0, 30), new FrameRange(-7, 500)] as $span) {
            self::assertSame(0.0, $property->at($span->in, $span));
            self::assertSame(0.5, $property->at($span->in + 5, $span));
            self::assertSame(1.0, $property->at($span->in + 10, $span));
            self::assertSame(1.0, $property->at(($span->in + $span->out) >> 1, $span));
            self::assertSame(1.0, $property->at($span->out - 10, $span));
            self::assertSame(0.0, $property->at($span->last(), $span));
        }
    }

    public function test_where_both_ends_meet_the_end_counts(): void
    {
        $property = Property::keyframed(new NumberType, [new Keyframe(10, 1.0), new Keyframe(-10, 2.0, new Linear, Pin::End)]);
        self::assertSame(2.0, $property->at(10, new FrameRange(0, 20)));
        self::assertSame(Pin::End, $property->keyframeOn(10, new FrameRange(0, 20))?->pin);
    }

    public function test_crossed_ends_are_taken_in_the_order_of_time(): void
    {
        $property = Property::keyframed(new NumberType, [
            new Keyframe(0, 0.0), new Keyframe(20, 20.0), new Keyframe(-20, 5.0, new Linear, Pin::End),
        ]);
        // In a span of 30, the end's keyframe stands on frame 10, between the start's on 0 and 20.
        $span = new FrameRange(0, 30);
        self::assertSame(2.5, $property->at(5, $span));
        self::assertSame(12.5, $property->at(15, $span));
    }

    public function test_types_are_mixed_each_in_its_way(): void
    {
        $span = new FrameRange(0, 10);
        $half = fn (ValueType $type, mixed $from, mixed $to): mixed => Property::keyframed(
            $type, [new Keyframe(0, $from), new Keyframe(10, $to)],
        )->at(5, $span);
        self::assertEquals(new Point(5, -10), $half(new PointType, new Point(0, 0), new Point(10, -20)));
        self::assertEquals(new Size(15, 30), $half(new SizeType, new Size(10, 20), new Size(20, 40)));
        self::assertSame(540.0, $half(new AngleType, 0.0, 1080.0));
        self::assertEquals(new Colour(128, 64, 32), $half(new ColourType, new Colour(0, 0, 0), new Colour(255, 128, 64)));
        self::assertFalse($half(new FlagType, false, true));
    }

    public function test_hold_jumps_on_the_next_keyframe(): void
    {
        $property = Property::keyframed(new NumberType, [new Keyframe(0, 1.0, new Hold), new Keyframe(10, 2.0)]);
        self::assertSame(1.0, $property->at(9, new FrameRange(0, 10)));
        self::assertSame(2.0, $property->at(10, new FrameRange(0, 10)));
    }

    public function test_a_keyframe_takes_the_place_of_one_at_the_same_time(): void
    {
        $property = $this->numbers([0, 1.0], [10, 2.0])->with(new Keyframe(10, 5.0), new FrameRange(0, 20));
        self::assertCount(2, $property->keyframes());
        self::assertSame(5.0, $property->at(10, new FrameRange(0, 20)));
    }

    public function test_without_its_last_keyframe_it_keeps_that_value(): void
    {
        $span = new FrameRange(0, 10);
        $left = $this->numbers([4, 9.0])->replacing([4], [], $span);
        self::assertFalse($left->isAnimated());
        self::assertSame(9.0, $left->at(0, $span));
    }

    public function test_a_frame_has_one_keyframe_whichever_end_it_is_pinned_to(): void
    {
        $span = new FrameRange(0, 20);
        $property = Property::keyframed(
            new NumberType, [new Keyframe(5, 1.0), new Keyframe(10, 2.0), new Keyframe(-10, 3.0, new Linear, Pin::End)],
        );
        self::assertCount(2, $property->with(new Keyframe(10, 4.0), $span)->keyframes());
        self::assertCount(2, $property->with(new Keyframe(-10, 4.0, new Linear, Pin::End), $span)->keyframes());
        self::assertSame([5], array_keys($property->replacing([10], [], $span)->course($span)));
        // The same number from the other end is another frame.
        $both = Property::keyframed(new NumberType, [new Keyframe(-5, 1.0), new Keyframe(-5, 2.0, new Linear, Pin::End)]);
        self::assertSame([15], array_keys($both->replacing([-5], [], $span)->course($span)));
    }

    public function test_a_thousand_keyframes_are_searched_not_walked(): void
    {
        $keyframes = array_map(fn (int $at): Keyframe => new Keyframe($at, (float) ($at % 7)), range(0, 9990, 10));
        $property = Property::keyframed(new NumberType, $keyframes);
        $span = new FrameRange(0, 10_000);
        foreach ([0, 10, 4990, 9990] as $frame) {
            self::assertSame((float) ($frame % 7), $property->at($frame, $span));
            self::assertSame($frame, $property->keyframeOn($frame, $span)?->at);
        }
        self::assertNull($property->keyframeOn(4995, $span));
    }

    /** @param  array{int, float}  ...$keyframes */
    private function numbers(array ...$keyframes): Property
    {
        return Property::keyframed(
            new NumberType,
            array_map(fn (array $keyframe): Keyframe => new Keyframe($keyframe[0], $keyframe[1]), array_values($keyframes)),
        );
    }

    public function test_points_are_mapped_and_nothing_else_is_taken_for_one(): void
    {
        $double = fn (Point $point): Point => new Point(2 * $point->x, 2 * $point->y);
        self::assertEquals(
            new Point(6, 8),
            Property::constant(new PointType, new Point(3, 4))->mapPoints($double)->at(0, new FrameRange(0, 9)),
        );
        $this->expectException(LogicException::class);
        Property::constant(new NumberType, 5.0)->mapPoints($double);
    }
}
