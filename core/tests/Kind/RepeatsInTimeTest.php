<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Kind;

use PHPUnit\Framework\TestCase;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Tests\Fixture;

/** Shapes that are repeated with a step in time: each shows the layer as it was a while before. */
final class RepeatsInTimeTest extends TestCase
{
    /** A bar that moves, grows, turns, changes its colour and comes on, from frame 10 to 20. */
    private const MOVING = [
        'in' => 0, 'out' => 100, 'size' => [[10, [100, 40]], [20, [200, 80]]],
        'position' => [[10, [300, 300]], [20, [500, 340]]], 'scale' => [[10, [50, 50]], [20, [100, 150]]],
        'rotation' => [[10, 0], [20, 45]], 'fill' => [[10, '#000000'], [20, '#ffffff']], 'opacity' => [[10, 20], [20, 100]],
    ];

    private static function bar(array $more): Composition
    {
        $keyframes = array_map(
            fn (mixed $course): mixed => is_array($course) ? Fixture::keyframes([...$course[0], 'linear'], $course[1]) : $course,
            self::MOVING,
        );

        return Fixture::composition([Fixture::bar([...$keyframes, ...$more])]);
    }

    /** @return list<array<string, mixed>> */
    private static function items(Composition $composition, int $frame): array
    {
        return Fixture::evaluator()->frame($composition, $frame)->toJson()['items'];
    }

    public function test_each_is_as_the_layer_was_so_many_frames_before(): void
    {
        $alone = self::bar([]);
        $three = self::bar(['columns' => 3, 'gaps' => [20, 0], 'stepTime' => 3]);
        foreach ([0, 10, 13, 18, 22, 26, 40] as $frame) {
            $apart = $three->layer('bar')->size('size', $frame)->width + 20;
            $items = self::items($three, $frame);
            self::assertCount(3, $items);
            foreach ($items as $index => $item) {
                [$before] = self::items($alone, max(0, $frame - 3 * $index));
                $placed = (new Affine(...$before['matrix']))->after(Affine::translation(($index - 1) * $apart, 0));
                self::assertEqualsWithDelta(
                    [$placed->a, $placed->b, $placed->c, $placed->d, $placed->e, $placed->f], $item['matrix'], 1e-3,
                    "frame $frame, repeat $index",
                );
                self::assertSame(
                    [$before['path'], $before['colour'], $before['opacity'] ?? 1],
                    [$item['path'], $item['colour'], $item['opacity'] ?? 1], "frame $frame, repeat $index",
                );
            }
        }
    }

    public function test_those_that_follow_are_seen_after_the_first_is_gone(): void
    {
        $shrinking = [
            'columns' => 4, 'stepTime' => 5, 'scale' => Fixture::keyframes([10, [100, 100], 'linear'], [20, [0, 0]]),
            'opacity' => 100,
        ];
        $counts = fn (array $more): array => array_map(
            fn (int $frame): int => count(self::items(self::bar([...$shrinking, ...$more]), $frame)),
            [0, 19, 20, 25, 34, 35],
        );
        self::assertSame([4, 4, 3, 2, 1, 0], $counts([]));
        // With masks and effects too; those are where the first is that is seen.
        $blurred = [
            'effects' => [['id' => 'e1', 'effect' => 'blur']],
            'masks' => [['id' => 'm1', 'form' => 'ellipse', 'size' => [4000, 4000]]],
        ];
        self::assertSame([1, 1, 1, 1, 1, 0], $counts($blurred));
        // Fading likewise, and the other way round the last goes first.
        $fading = ['scale' => [100, 100], 'opacity' => Fixture::keyframes([10, 100, 'linear'], [20, 0])];
        self::assertSame([4, 4, 3, 2, 1, 0], $counts($fading));
        self::assertSame([4, 1, 0, 0, 0, 0], $counts([...$fading, 'stepTime' => -5]));
    }

    public function test_what_follows_is_blurred_while_it_moves_though_the_first_rests(): void
    {
        $blurred = self::bar(['columns' => 3, 'stepTime' => 10, 'motionBlur' => true]);
        $ops = array_map(fn (int $frame): string => self::items($blurred, $frame)[0]['op'], [5, 15, 25, 35, 45]);
        self::assertSame(['fill', 'samples', 'samples', 'samples', 'fill'], $ops);
    }

    public function test_they_arrive_as_a_whole_and_as_units_of_a_cascade(): void
    {
        $slide = [
            'columns' => 3, 'stepTime' => 4,
            'arrive' => ['length' => 10, 'easing' => 'linear', 'moves' => [['move' => 'slide', 'angle' => 90]]],
        ];
        $still = ['position' => [500, 500], 'scale' => [100, 100], 'rotation' => 0, 'size' => [100, 40], 'opacity' => 100];
        $low = array_map(fn (array $item): float => $item['matrix'][5], self::items(self::bar([...$slide, ...$still]), 5));
        self::assertCount(3, $low);
        self::assertCount(1, array_unique($low));
        self::assertGreaterThan(600, $low[0]);
        $cascade = [
            'columns' => 3, 'stepTime' => 4,
            'cascades' => [['id' => 'c1', 'as' => 'arrive', 'units' => 'repeats', 'length' => 30, 'overlap' => 0, 'opacity' => 0]],
        ];
        self::assertCount(2, self::items(self::bar([...$still, ...$cascade]), 15));
        self::assertEquals(self::items(self::bar([...$still, 'columns' => 3]), 60), self::items(self::bar([...$still, ...$cascade]), 60));
    }
}
