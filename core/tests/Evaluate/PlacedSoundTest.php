<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Evaluate;

use PHPUnit\Framework\TestCase;
use Ricamo\Core\Document\Compositions;
use Ricamo\Core\Evaluate\SoundCue;
use Ricamo\Core\Evaluate\SoundPlan;
use Ricamo\Core\Tests\Fixture;

/** The sound of a bundle: 10 s at 25 frames a second, in which a clip is heard from 2 s to 6 s. */
final class PlacedSoundTest extends TestCase
{
    /** @return list<SoundCue> */
    private function cues(array $bundle, array $clip = []): array
    {
        $inner = Fixture::composition([Fixture::clip(['in' => 50, 'out' => 150, 'from' => 25, ...$clip])], ['id' => 'c2']);
        $outer = Fixture::composition([[
            'id' => 'b', 'kind' => 'bundle', 'name' => 'B', 'composition' => 'c2', 'in' => 0, 'out' => 250, ...$bundle,
        ]]);

        return SoundPlan::of($outer, Fixture::media()->withCompositions(Compositions::of($outer, $inner)), $outer->range());
    }

    public function test_it_is_heard_where_it_is_placed(): void
    {
        self::assertEquals([new SoundCue('b', 'm1', 1.0, 2.0, 4.0)], $this->cues([]));
        self::assertEquals([new SoundCue('b', 'm1', 1.0, 3.0, 4.0)], $this->cues(['in' => 25]));
        // From 3 s of it on: a second of the clip has gone by.
        self::assertEquals([new SoundCue('b', 'm1', 2.0, 0.0, 3.0)], $this->cues(['from' => 75]));
        self::assertSame([], $this->cues(['sound' => false]));
        self::assertSame([], $this->cues(['from' => 150]));
    }

    public function test_it_goes_at_the_pace_of_the_bundle(): void
    {
        self::assertEquals([new SoundCue('b', 'm1', 1.0, 1.0, 2.0, 2.0)], $this->cues(['speed' => 200]));
        // Backwards from its end: the clip's last second comes first, 10 − 6 s later.
        [$back] = $this->cues(['speed' => -100, 'from' => 250]);
        self::assertEquals([5.0, 4.0, 4.0, -1.0], [$back->from, $back->at, $back->length, $back->speed]);
    }

    public function test_both_levels_count(): void
    {
        self::assertEquals([[0.0, 0.25]], $this->cues(['level' => 50], ['level' => 50])[0]->level);
        // From full to none over its four seconds, while the bundle is at half.
        [$fading] = $this->cues(['level' => 50], ['level' => Fixture::keyframes([0, 100], [100, 0])]);
        self::assertEqualsWithDelta([[0.0, 0.5], [4.0, 0.0]], [$fading->level[0], $fading->level[count($fading->level) - 1]], 1e-6);
        // Both fall: a quarter half way, where a straight line would have a half.
        [$both] = $this->cues(['level' => Fixture::keyframes([50, 100], [150, 0])], ['level' => Fixture::keyframes([0, 100], [100, 0])]);
        $half = array_values(array_filter($both->level, fn (array $point): bool => abs($point[0] - 2) < 0.011));
        self::assertEqualsWithDelta(0.25, $half[0][1], 0.01);
        // Backwards it rises.
        [$rising] = $this->cues(['speed' => -100, 'from' => 250], ['level' => Fixture::keyframes([0, 100], [100, 0])]);
        self::assertLessThan($rising->level[count($rising->level) - 1][1], $rising->level[0][1]);
    }
}
