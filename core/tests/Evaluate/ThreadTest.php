<?php

namespace Ricamo\Core\Tests\Evaluate;

use PHPUnit\Framework\TestCase;
use Ricamo\Core\Evaluate\Inspection;
use Ricamo\Core\Tests\Fixture;

final class ThreadTest extends TestCase
{
    public function test_an_inspection_has_values_and_the_course_of_what_is_animated(): void
    {
        $layer = Fixture::layer(Fixture::bar(['in' => 10, 'position' => Fixture::keyframes([0, [0, 5]], [20, [100, 5]], [-1, [0, 5], 'linear', 'end'])]));
        $inspection = Inspection::of($layer, 20);
        self::assertEquals(['value' => [50, 5], 'animated' => true, 'keyframe' => false], $inspection['values']['position']);
        self::assertEquals(['value' => 100, 'animated' => false, 'keyframe' => false], $inspection['values']['opacity']);
        [$thread] = $inspection['threads'];
        self::assertSame([10, 30, 99], array_column($thread['beads'], 'frame'));
        self::assertSame(10, $thread['from']);
        self::assertSame(1.0, $thread['step']);
        self::assertEquals([0, 50, 100], [$thread['channels'][0][0], $thread['channels'][0][10], $thread['channels'][0][20]]);
        self::assertCount(90, $thread['channels'][0]);
    }

    public function test_long_courses_are_sampled(): void
    {
        $layer = Fixture::layer(Fixture::bar(['out' => 90_000, 'opacity' => Fixture::keyframes([0, 0], [80_000, 100])]));
        $thread = Inspection::of($layer, 0)['threads'][0];
        self::assertCount(241, $thread['channels'][0]);
        self::assertEquals([0, 100], [$thread['channels'][0][0], $thread['channels'][0][240]]);
    }

    public function test_colours_have_beads_but_no_channels(): void
    {
        $layer = Fixture::layer(Fixture::bar(['fill' => Fixture::keyframes([0, '#ff0000'], [9, '#00ff00'])]));
        $thread = Inspection::of($layer, 0)['threads'][0];
        self::assertSame(['#ff0000', '#00ff00'], array_column($thread['beads'], 'value'));
        self::assertSame([], $thread['channels']);
    }
}
