<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Handle;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Ricamo\Core\Handle\EffectSamples;
use Ricamo\Core\Tests\Fixture;

/** From where small pictures of a layer are taken: it is on from 40 to 140, arrives in 20 frames and leaves in 10. */
final class SeenAtTest extends TestCase
{
    /** @param  array<string, mixed>  $group */
    #[TestWith([80, 80])]
    #[TestWith([60, 60])]
    #[TestWith([129, 129])]
    // It rests from 60 to 129.
    #[TestWith([0, 94])]
    #[TestWith([45, 94])]
    #[TestWith([135, 94])]
    #[TestWith([240, 94])]
    #[TestWith([80, 105, ['in' => 81, 'out' => 200]])]
    public function test_it_rests_there(int $playhead, int $expected, array $group = ['in' => 0, 'out' => 250]): void
    {
        $phase = fn (int $length): array => ['length' => $length, 'moves' => [['move' => 'fade']]];
        $composition = Fixture::composition([
            Fixture::bar(['in' => 40, 'out' => 140, 'arrive' => $phase(20), 'leave' => $phase(10), 'group' => 'g']),
            ['id' => 'g', 'kind' => 'group', 'name' => 'Group', ...$group],
        ]);
        self::assertSame($expected, EffectSamples::seenAt($composition->layer('bar'), $composition, $playhead));
    }

    public function test_what_never_rests_or_is_never_seen_is_taken_as_well_as_it_goes(): void
    {
        $composition = Fixture::composition([
            Fixture::bar(['in' => 40, 'out' => 60, 'arrive' => ['length' => 50, 'moves' => [['move' => 'fade']]]]),
            Fixture::bar(['id' => 'late', 'in' => 300, 'out' => 400]),
        ]);
        self::assertSame(49, EffectSamples::seenAt($composition->layer('bar'), $composition, 0));
        self::assertSame(7, EffectSamples::seenAt($composition->layer('late'), $composition, 7));
    }
}
