<?php

namespace Ricamo\Core\Tests\Evaluate;

use PHPUnit\Framework\TestCase;
use Ricamo\Core\Evaluate\SoundCue;
use Ricamo\Core\Evaluate\SoundPlan;
use Ricamo\Core\Tests\Fixture;
use Ricamo\Core\Time\FrameRange;

final class SoundPlanTest extends TestCase
{
    public function test_a_clip_sounds_where_it_is_seen(): void
    {
        $composition = Fixture::composition([Fixture::clip(['in' => 25, 'out' => 75, 'from' => 50])]);
        self::assertEquals([new SoundCue('m1', 2.0, 1.0, 2.0)], SoundPlan::of($composition, Fixture::media(), $composition->range()));
        // Of a range that begins in the middle of it, from there on.
        self::assertEquals([new SoundCue('m1', 3.0, 0.0, 1.0)], SoundPlan::of($composition, Fixture::media(), new FrameRange(50, 200)));
    }

    public function test_it_ends_with_the_clip(): void
    {
        $composition = Fixture::composition([Fixture::clip(['in' => 0, 'out' => 250, 'from' => 275])]);
        self::assertEquals([new SoundCue('m1', 11.0, 0.0, 1.0)], SoundPlan::of($composition, Fixture::media(), $composition->range()));
    }

    public function test_what_is_hidden_muted_silent_or_elsewhere_is_not_heard(): void
    {
        foreach ([['visible' => false], ['sound' => false], ['media' => 'm2'], ['in' => 300, 'out' => 400]] as $fields) {
            $composition = Fixture::composition([Fixture::clip($fields)]);
            self::assertSame([], SoundPlan::of($composition, Fixture::media(), $composition->range()));
        }
    }
}
