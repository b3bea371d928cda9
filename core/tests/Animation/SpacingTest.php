<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Animation;

use PHPUnit\Framework\TestCase;
use Ricamo\Core\Animation\Spacing;
use Ricamo\Core\Refusal;

final class SpacingTest extends TestCase
{
    public function test_what_does_not_come_out_even_goes_to_the_largest_remainders(): void
    {
        self::assertSame([33, 34, 33], Spacing::whole([1, 1.02, 1], 100));
        self::assertSame([1, 2], Spacing::whole([1, 2], 3));
        self::assertSame([4, 3, 3], Spacing::whole([1, 1, 1], 10));
    }

    public function test_each_gets_a_frame(): void
    {
        self::assertSame([1, 1, 8], Spacing::whole([0, 0.001, 5], 10));
        self::assertSame([4, 4], Spacing::whole([0, 0], 8));
        $this->expectException(Refusal::class);
        Spacing::whole([1, 1, 1], 2);
    }

    public function test_random_shares_come_out_within_a_frame_and_together_exactly(): void
    {
        mt_srand(5);
        for ($round = 0; $round < 300; $round++) {
            $shares = array_map(fn (): float => mt_rand(50, 1000) / 10, range(1, mt_rand(1, 12)));
            $frames = mt_rand(400, 900);
            $whole = Spacing::whole($shares, $frames);
            self::assertSame($frames, array_sum($whole));
            foreach ($whole as $index => $length) {
                self::assertEqualsWithDelta($frames * $shares[$index] / array_sum($shares), $length, 1, 'more than rounding allows');
            }
        }
    }
}
