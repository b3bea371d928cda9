<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Evaluate;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Ricamo\Core\Evaluate\ShutterMoments;
use Ricamo\Core\Tests\Fixture;

final class MotionBlurTest extends TestCase
{
    private function item(array $layer, array $shutter = [], int $frame = 5): ?array
    {
        $composition = Fixture::composition(
            [Fixture::bar(['size' => [200, 100], 'motionBlur' => true, ...$layer])],
            $shutter === [] ? [] : ['shutter' => $shutter],
        );

        return Fixture::evaluator()->frame($composition, $frame)->toJson()['items'][0] ?? null;
    }

    private const FAST = ['position' => ['keyframes' => [['at' => 0, 'value' => [0, 500]], ['at' => 10, 'value' => [1000, 500]]]]];

    public function test_it_is_seen_at_moments_spread_evenly_while_the_shutter_is_open(): void
    {
        // 100 pixels a frame, open for half of it: 50 pixels ask for 32 pictures at 2.5 pixels, and 16 are allowed.
        $item = $this->item(self::FAST, ['angle' => 180, 'samples' => 16]);
        self::assertSame('samples', $item['op']);
        $places = array_map(fn (array $list): float => $list[0]['matrix'][4], $item['lists']);
        self::assertEqualsWithDelta(array_map(fn (int $i): float => 500 + 50 * ($i + 0.5) / 16, range(0, 15)), $places, 0.001);
        self::assertEqualsWithDelta([400 + 50 / 32, 450, 600 + 50 * 31 / 32, 550], $item['extent'], 1.01);
    }

    public function test_the_phase_opens_it_earlier(): void
    {
        $places = array_map(
            fn (array $list): float => $list[0]['matrix'][4],
            $this->item(self::FAST, ['angle' => 180, 'phase' => -90, 'samples' => 2])['lists'],
        );
        self::assertEqualsWithDelta([500 - 12.5, 500 + 12.5], $places, 0.001);
    }

    #[TestWith([['angle' => 0]])]
    #[TestWith([['angle' => 0, 'phase' => 90]])]
    public function test_at_no_angle_it_is_the_sharp_frame(array $shutter): void
    {
        self::assertSame($this->item(['motionBlur' => false] + self::FAST), $this->item(self::FAST, $shutter));
    }

    public function test_what_does_not_move_is_sharp_and_costs_nothing(): void
    {
        self::assertSame('fill', $this->item(['position' => [300, 300]])['op']);
        self::assertSame('fill', $this->item(self::FAST, [], 40)['op']);
    }

    public function test_a_layer_may_have_a_shutter_of_its_own(): void
    {
        self::assertSame('fill', $this->item(['shutter' => ['angle' => 0]] + self::FAST)['op']);
        self::assertCount(2, $this->item(['shutter' => ['angle' => 10]] + self::FAST)['lists']);
    }

    public function test_turning_on_the_spot_asks_for_as_many_as_its_corners_go(): void
    {
        // 20 turns a second at 25 frames: 0.8 turns a frame, 0.4 while it is open; corners on a circle of 111.8 go 281 pixels.
        $item = $this->item(
            ['position' => [500, 500], 'rotation' => ['keyframes' => [['at' => 0, 'value' => 0], ['at' => 25, 'value' => 7200]]]],
            ['samples' => 64],
        );
        self::assertCount(64, $item['lists']);
        self::assertCount(
            32,
            $this->item(
                ['position' => [500, 500], 'rotation' => ['keyframes' => [['at' => 0, 'value' => 0], ['at' => 25, 'value' => 1500]]]],
                ['samples' => 64],
            )['lists'],
        );
    }

    public function test_hold_and_jump_never_leak(): void
    {
        foreach (['hold', 'jump'] as $easing) {
            $course = ['position' => ['keyframes' => [
                ['at' => 0, 'value' => [0, 0], 'easing' => $easing], ['at' => 5, 'value' => [800, 0], 'easing' => $easing],
                ['at' => 9, 'value' => [100, 0]],
            ]]];
            foreach ([0, 4, 5, 6, 8, 9] as $frame) {
                self::assertSame('fill', $this->item($course, ['angle' => 360], $frame)['op'], "$easing on $frame");
            }
        }
    }

    public function test_moves_are_blurred_as_well(): void
    {
        $item = $this->item([
            'position' => [900, 500],
            'arrive' => ['length' => 10, 'easing' => 'linear', 'moves' => [['move' => 'slide', 'distance' => 1000]]],
        ]);
        self::assertEqualsWithDelta(900 - 500 + 50 * 0.5 / 32, $item['lists'][0][0]['matrix'][4], 0.01);
    }

    public function test_a_drawing_of_very_many_parts_is_not_drawn_too_often(): void
    {
        $moments = range(0.0, 31.0);
        self::assertCount(32, (new ShutterMoments)->affordable($moments, 600));
        self::assertSame([0.0, 4.0], array_slice((new ShutterMoments)->affordable($moments, 2_400), 0, 2));
        self::assertCount(1, (new ShutterMoments)->affordable($moments, 30_000));
    }

    #[TestWith([['angle' => 900], 'shutter.angle: 900 is outside 0..720'])]
    #[TestWith([['samples' => 7], 'shutter.samples: must be 2, 4, 8, 16, 32 or 64'])]
    public function test_a_shutter_that_makes_no_sense_is_refused(array $shutter, string $says): void
    {
        $this->expectExceptionMessage($says);
        $this->item([], $shutter);
    }
}
