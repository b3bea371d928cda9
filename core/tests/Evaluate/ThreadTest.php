<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Evaluate;

use PHPUnit\Framework\TestCase;
use Ricamo\Core\Evaluate\Inspection;
use Ricamo\Core\Tests\Fixture;
use Ricamo\Core\Time\FrameRate;

final class ThreadTest extends TestCase
{
    public function test_an_inspection_has_values_and_the_course_of_what_is_animated(): void
    {
        $layer = Fixture::layer(Fixture::bar([
            'in' => 10, 'position' => Fixture::keyframes([0, [0, 5]], [20, [100, 5]], [-1, [0, 5], 'linear', 'end']),
        ]));
        $inspection = Inspection::of($layer, 20, new FrameRate(25), Fixture::media());
        self::assertEquals(['value' => [50, 5], 'animated' => true, 'keyframe' => false], $inspection['values']['position']);
        self::assertEquals(['value' => 100, 'animated' => false, 'keyframe' => false], $inspection['values']['opacity']);
        [$thread] = $inspection['threads'];
        self::assertSame([10, 30, 99], array_column($thread['beads'], 'frame'));
        self::assertSame([10.0, 30.0, 99.0], $thread['frames']);
        self::assertEquals([[0, 100, 0], [5, 5, 5]], $thread['channels']);
    }

    public function test_eased_segments_are_sampled_as_curves_and_held_ones_as_steps(): void
    {
        $layer = Fixture::layer(Fixture::bar([
            'out' => 9000, 'opacity' => Fixture::keyframes([0, 0, 'quad-in'], [80, 100, 'hold'], [100, 20]),
        ]));
        $thread = Inspection::of($layer, 0, new FrameRate(25), Fixture::media())['threads'][0];
        $half = array_search(40.0, $thread['frames'], true);
        self::assertEquals(25, $thread['channels'][0][$half]);
        self::assertEquals([80.0, 100.0, 100.0], array_slice($thread['frames'], -3));
        self::assertEquals([100, 100, 20], array_slice($thread['channels'][0], -3));
    }

    public function test_a_course_of_very_many_keyframes_stays_small(): void
    {
        $keyframes = array_map(fn (int $index): array => [$index, $index % 2, 'cubic-in'], range(0, 4999));
        $layer = Fixture::layer(Fixture::bar(['out' => 9000, 'opacity' => Fixture::keyframes(...$keyframes)]));
        self::assertCount(5000, Inspection::of($layer, 0, new FrameRate(25), Fixture::media())['threads'][0]['frames']);
    }

    public function test_colours_have_beads_and_the_colours_between_them(): void
    {
        $layer = Fixture::layer(Fixture::bar(['fill' => Fixture::keyframes([0, '#ff0000'], [9, '#00ff00'])]));
        $thread = Inspection::of($layer, 0, new FrameRate(25), Fixture::media())['threads'][0];
        self::assertSame(['#ff0000', '#00ff00'], array_column($thread['beads'], 'value'));
        self::assertSame([], $thread['channels']);
        self::assertSame(['#ff0000', '#00ff00'], $thread['colours']);
    }
}
