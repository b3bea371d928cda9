<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Edit;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Ricamo\Core\Animation\Easing\Easings;
use Ricamo\Core\Animation\Easing\Handles;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Evaluate\Thread;
use Ricamo\Core\Refusal;
use Ricamo\Core\Tests\Fixture;

final class PullCurveTest extends TestCase
{
    public function test_a_handle_is_where_it_was_pulled_to_in_time_and_value(): void
    {
        // From 200 to 600 within 40 frames: a quarter of the time, and a fifth of the way.
        $pulled = $this->pull($this->composition('linear'), ['handle' => 'begin', 'at' => 20, 'value' => 280]);
        self::assertSame('cubic-bezier(0.25, 0.2, 0.6667, 0.6667)', $this->easing($pulled));
        $pulled = $this->pull($pulled, ['handle' => 'end', 'at' => 90, 'value' => 640]);
        // Its time is held within the segment; its value may go beyond.
        self::assertSame('cubic-bezier(0.25, 0.2, 1, 1.1)', $this->easing($pulled));
        [$begin, $end] = $this->handles($pulled);
        self::assertSame([20.0, 280.0, 50.0, 640.0], [$begin['at'], $begin['values'][0], $end['at'], $end['values'][0]]);
    }

    public function test_it_is_as_fast_as_it_was_pulled_to(): void
    {
        // On the average 10 px a frame; at the beginning it is to be 25, and at the end to stand still.
        $pulled = $this->pull(
            $this->pull($this->composition('ease-in-out(50%)'), ['handle' => 'begin', 'at' => 18, 'speed' => 25]),
            ['handle' => 'end', 'at' => 30, 'speed' => 0],
        );
        self::assertSame('cubic-bezier(0.2, 0.5, 0.5, 1)', $this->easing($pulled));
        self::assertSame([25.0, 0.0], array_column($this->handles($pulled), 'speed'));
        $layer = $pulled->layer('bar');
        self::assertEqualsWithDelta(25, ($layer->number('x', 10.001) - $layer->number('x', 10)) / 0.001, 0.02);
        self::assertEqualsWithDelta(0, ($layer->number('x', 50) - $layer->number('x', 49.999)) / 0.001, 0.02);
    }

    /** What is fastest or slowest at an end has handles that say so, whatever the easing is called. */
    #[TestWith(['linear', 1.0, 1.0])]
    #[TestWith(['ease-in(60%)', 0.0, 2.5])]
    #[TestWith(['ease-out(60%)', 2.5, 0.0])]
    #[TestWith(['cubic-out', 3.0, 0.0])]
    #[TestWith(['quad-in', 0.0, 2.0])]
    #[TestWith(['sine-in-out', 0.0, 0.0])]
    #[TestWith(['cubic-bezier(0, 0, 0.5, 1)', 2.0, 0.0])]
    public function test_the_speeds_at_both_ends(string $easing, float $begin, float $end): void
    {
        $handles = Handles::of(Easings::parse($easing));
        self::assertNotNull($handles);
        self::assertEqualsWithDelta([$begin, $end], $handles->speeds(), 0.001);
        $curve = $handles->curve();
        self::assertEqualsWithDelta($begin, $curve->at(1e-4) / 1e-4, 0.05);
    }

    #[TestWith(['hold'])]
    #[TestWith(['elastic-out'])]
    #[TestWith(['bounce-in'])]
    #[TestWith(['glide'])]
    public function test_what_has_no_handles_is_said(string $easing): void
    {
        self::assertNull($this->handles($this->composition($easing)));
        $this->expectExceptionObject(new Refusal("what is eased by $easing has no handles"));
        $this->pull($this->composition($easing), ['handle' => 'begin', 'at' => 18, 'speed' => 2]);
    }

    public function test_on_a_bent_path_only_the_speed_is_pulled(): void
    {
        $composition = Fixture::composition([Fixture::bar(['position' => ['keyframes' => [
            ['at' => 0, 'value' => [100, 0], 'bend' => ['leave' => [0, 55.228]]],
            ['at' => 20, 'value' => [0, 100], 'bend' => ['arrive' => [55.228, 0]]],
        ]]])]);
        $handles = Thread::of(
            $composition->layer('bar'), 'position', $composition->layer('bar')->properties['position'],
        )['beads'][0]['handles'];
        // A quarter of a circle with a radius of 100 px in 20 frames.
        self::assertEqualsWithDelta([50 * M_PI / 20, []], [$handles[0]['speed'], $handles[0]['values']], 0.01);
        $pull = fn (array $to): Composition => Fixture::edit(
            $composition, 'pull-curve',
            ['layer' => 'bar', 'property' => 'position', 'frame' => 0, 'handle' => 'begin', 'at' => 5, ...$to],
        );
        sscanf(
            $pull(['speed' => 50 * M_PI / 10])->layer('bar')->toJson()['position']['keyframes'][0]['easing'],
            'cubic-bezier(%f, %f', $along, $progress,
        );
        self::assertEqualsWithDelta([0.25, 0.5], [$along, $progress], 0.001);
        $this->expectExceptionMessage('a value that does not change in a straight line');
        $pull(['value' => 50]);
    }

    public function test_what_makes_no_sense_is_refused(): void
    {
        foreach ([
            'has to say either a value or a speed' => ['handle' => 'begin', 'at' => 18],
            'must be "begin" or "end"' => ['handle' => 'middle', 'at' => 18, 'speed' => 1],
            'no segment begins with the last keyframe' => ['frame' => 50, 'handle' => 'begin', 'at' => 18, 'speed' => 1],
            'is outside' => ['handle' => 'end', 'at' => 18, 'speed' => -1],
        ] as $message => $args) {
            try {
                $this->pull($this->composition('linear'), $args);
                self::fail("$message was expected");
            } catch (Refusal $refusal) {
                self::assertStringContainsString($message, $refusal->getMessage());
            }
        }
    }

    private function composition(string $easing): Composition
    {
        return Fixture::composition([Fixture::bar(['x' => Fixture::keyframes([10, 200, $easing], [50, 600])])]);
    }

    /** @param  array<string, mixed>  $args */
    private function pull(Composition $composition, array $args): Composition
    {
        return Fixture::edit($composition, 'pull-curve', ['layer' => 'bar', 'property' => 'x', 'frame' => 10, ...$args]);
    }

    private function easing(Composition $composition): string
    {
        return Fixture::json($composition, 'bar')['x']['keyframes'][0]['easing'];
    }

    public function test_each_keyframe_tells_the_curve_of_its_easing(): void
    {
        $easings = ['ease-in-out(75%)', 'cubic-bezier(0.1, -0.4, 0.6, 1.5)', 'cubic-out', 'hold', 'bounce-out', 'linear'];
        $keyframes = array_map(fn (string $easing, int $index): array => [10 * $index, $index, $easing], $easings, array_keys($easings));
        $layer = Fixture::composition([Fixture::bar(['rotation' => Fixture::keyframes(...$keyframes)])])->layer('bar');
        $curves = array_column(Thread::of($layer, 'rotation', $layer->properties['rotation'])['beads'], 'curve');
        // One that begins with three times its mean speed and ends with none: (1/3, 1) and (2/3, 1).
        self::assertEqualsWithDelta(
            [[0.75, 0, 0.25, 1], [0.1, -0.4, 0.6, 1.5], [1 / 3, 1, 2 / 3, 1], null, null, [1 / 3, 1 / 3, 2 / 3, 2 / 3]],
            $curves, 1e-3,
        );
    }

    /** @return list<array{at: float, values: list<float>, speed: float}>|null */
    private function handles(Composition $composition): ?array
    {
        $layer = $composition->layer('bar');

        return Thread::of($layer, 'x', $layer->properties['x'])['beads'][0]['handles'];
    }
}
