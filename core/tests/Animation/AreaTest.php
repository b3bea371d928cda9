<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Animation;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Ricamo\Core\Animation\Area;
use Ricamo\Core\Animation\Easing\Easings;
use Ricamo\Core\Animation\Keyframe;
use Ricamo\Core\Animation\Pin;
use Ricamo\Core\Animation\Property;
use Ricamo\Core\Time\FrameRange;
use Ricamo\Core\Value\Type\NumberType;

/** The area under a number that goes from 0 to 100 in 40 frames, beginning 10 frames after the in point at frame 5. */
final class AreaTest extends TestCase
{
    private static function area(string $easing, float $from, float $to): float
    {
        $property = Property::keyframed(new NumberType, [new Keyframe(10, 0.0, Easings::parse($easing)), new Keyframe(50, 100.0)]);

        return (new Area($property, new FrameRange(5, 105)))->between($from, $to);
    }

    /** @param  float  $share  the integral of the easing from 0 to 1 */
    #[DataProvider('easings')]
    public function test_it_is_the_integral_of_the_easing(string $easing, float $share): void
    {
        self::assertEqualsWithDelta(4000 * $share, self::area($easing, 15, 55), 1e-3, $easing);
        // Before its first keyframe it is nought, and after its last a hundred.
        self::assertEqualsWithDelta(4000 * $share + 700, self::area($easing, -20, 62), 1e-3, $easing);
        // Parts of it add up, wherever it is cut, and count backwards as well.
        self::assertEqualsWithDelta(4000 * $share, self::area($easing, 15, 33.3) - self::area($easing, 55, 33.3), 1e-3, $easing);
    }

    /** @return iterable<string, array{string, float}> */
    public static function easings(): iterable
    {
        yield 'straight' => ['linear', 1 / 2];
        yield 'alike at both ends' => ['ease-in-out(75%)', 1 / 2];
        yield 'quadratic' => ['quad-in', 1 / 3];
        yield 'quadratic, out' => ['quad-out', 2 / 3];
        yield 'quintic' => ['quint-in', 1 / 6];
        yield 'sine' => ['sine-in', 1 - 2 / M_PI];
        // ∫ 2^(10t − 10) dt
        yield 'exponential' => ['expo-in', (1 - 2 ** -10) / (10 * M_LN2)];
        yield 'straight pieces' => ['linear(0, 1 25%, 0 75%, 1)', (0.25 / 2 + 0.5 / 2 + 0.25 / 2)];
        // With x1 = 1/3 and x2 = 2/3, x is u itself; y = 3u²(1 − u)·y2 + u³ with y1 = 0, y2 = 2: ∫ = 6(1/3 − 1/4) + 1/4.
        yield 'a free curve that overshoots' => ['cubic-bezier(0.3333333333, 0, 0.6666666667, 2)', 0.75];
        yield 'held' => ['hold', 0.0];
        yield 'at once' => ['jump', 1.0];
        yield 'gliding, with nothing before or after' => ['glide', 1 / 2];
    }

    public function test_what_is_even_is_a_rectangle(): void
    {
        $area = new Area(Property::constant(new NumberType, 30.0), new FrameRange(5, 105));
        self::assertSame(300.0, $area->between(0, 10));
        self::assertSame(-300.0, $area->between(10, 0));
        $once = new Area(Property::keyframed(new NumberType, [new Keyframe(10, 30.0)]), new FrameRange(5, 105));
        self::assertSame(300.0, $once->between(10, 20));
        self::assertSame(300.0, $once->between(0, 10));
        self::assertSame(300.0, $once->between(20, 30));
    }

    public function test_keyframes_count_from_the_end_that_they_are_pinned_to(): void
    {
        $property = Property::keyframed(new NumberType, [new Keyframe(0, 0.0), new Keyframe(-60, 100.0, pin: Pin::End)]);
        // From frame 5 to 105 − 60 = 45, and on from there.
        self::assertEqualsWithDelta(2000 + 100, (new Area($property, new FrameRange(5, 105)))->between(5, 46), 1e-9);
    }

    public function test_what_glides_through_its_keyframes_is_what_its_curve_encloses(): void
    {
        $property = Property::keyframed(new NumberType, array_map(
            fn (int $at, float $value): Keyframe => new Keyframe($at, $value, Easings::parse('glide')),
            [0, 10, 30, 40],
            [0.0, 100.0, 100.0, -50.0],
        ));
        $span = new FrameRange(0, 100);
        // Against a sum of many narrow strips.
        $sum = 0.0;
        for ($strip = 0; $strip < 40_000; $strip++) {
            $value = $property->at(($strip + 0.5) / 1000, $span);
            $sum += is_float($value) ? $value / 1000 : NAN;
        }
        self::assertEqualsWithDelta($sum, (new Area($property, $span))->between(0, 40), 1e-3);
    }
}
