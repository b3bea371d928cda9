<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Evaluate;

use PHPUnit\Framework\TestCase;
use Ricamo\Core\Evaluate\Trail;
use Ricamo\Core\Tests\Fixture;

final class TrailTest extends TestCase
{
    /** @return array<string, mixed>|null */
    private function trail(array $fields, int $frame): ?array
    {
        $composition = Fixture::composition([Fixture::bar($fields)]);

        return Trail::of($composition->layer('bar'), $frame, $composition, Fixture::evaluator());
    }

    public function test_ghosts_stand_at_the_nearest_keyframes_of_any_of_its_placement(): void
    {
        $moves = [
            'in' => 10,
            'position' => Fixture::keyframes([0, [0, 0]], [20, [100, 50]], [60, [300, 50]]),
            'rotation' => Fixture::keyframes([5, 0], [35, 90]),
            'opacity' => Fixture::keyframes([22, 0], [28, 100]),
        ];
        $frames = fn (int $frame): array => array_column($this->trail($moves, $frame)['ghosts'] ?? [], 'frame');
        // Of place on 10, 30 and 70; of turn on 15 and 45; what fades is no pose.
        self::assertSame([30, 45], $frames(35));
        self::assertSame([15, 30], $frames(16));
        self::assertSame([10], array_slice($frames(11), 0, 1));
        self::assertSame([15], array_slice($frames(11), 1));
        self::assertSame([45, 70], $frames(50));
    }

    public function test_the_way_is_told_in_the_picture_s_pixels(): void
    {
        $trail = $this->trail(['position' => Fixture::keyframes([0, [0, 0]], [20, [100, 40]])], 10);
        self::assertSame(
            [[0, [0.0, 0.0]], [20, [100.0, 40.0]]],
            array_map(fn (array $point): array => [$point['frame'], $point['at']], $trail['points'] ?? []),
        );
        self::assertCount(21, $trail['ticks'] ?? []);
        self::assertSame([50.0, 20.0], $trail['ticks'][10] ?? null);
        // 5 and 2 pixels a frame, 25 frames a second.
        self::assertSame(round(25 * hypot(5, 2), 1), $trail['speed'] ?? null);
        self::assertNull($this->trail([], 10));
    }

    public function test_what_goes_away_goes_a_way_as_a_pinhole_has_it(): void
    {
        $trail = $this->trail([
            'in' => 5, 'position' => [1160, 640], 'z' => Fixture::keyframes([0, 0], [20, 1000]),
        ], 10);
        // 1,920 pixels wide, seen through 50 mm on 36 mm.
        $share = (1920 * 50 / 36) / (1920 * 50 / 36 + 1000);
        self::assertSame([], $trail['points'] ?? null, 'its place has no keyframes');
        self::assertSame([5, 25], array_column($trail['stops'] ?? [], 'frame'));
        self::assertEqualsWithDelta(
            [[1160, 640], [960 + 200 * $share, 540 + 100 * $share]], array_column($trail['stops'] ?? [], 'at'), 0.01,
        );
        self::assertSame([5, 21], [$trail['from'] ?? null, count($trail['ticks'] ?? [])]);

        // On a frame of either.
        $both = $this->trail(['position' => Fixture::keyframes([10, [0, 0]], [30, [90, 0]]), 'z' => Fixture::keyframes([0, 0], [30, 50])], 10);
        self::assertSame([0, 10, 30], array_column($both['stops'] ?? [], 'frame'));
        self::assertSame([10, 30], array_column($both['points'] ?? [], 'frame'));
    }
}
