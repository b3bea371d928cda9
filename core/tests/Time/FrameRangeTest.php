<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Time;

use PHPUnit\Framework\TestCase;
use Ricamo\Core\Refusal;
use Ricamo\Core\Time\FrameRange;

final class FrameRangeTest extends TestCase
{
    public function test_the_out_point_is_not_in_it(): void
    {
        $range = new FrameRange(10, 20);
        self::assertTrue($range->contains(10));
        self::assertTrue($range->contains(19));
        self::assertTrue($range->contains(19.9));
        self::assertFalse($range->contains(20));
        self::assertSame(19, $range->last());
        self::assertSame(10, $range->length());
    }

    public function test_an_empty_range_is_refused(): void
    {
        $this->expectException(Refusal::class);
        new FrameRange(5, 5);
    }

    public function test_pieces_cover_it_without_gap_or_overlap(): void
    {
        $pieces = (new FrameRange(3, 130))->pieces(40);
        self::assertSame(
            [[3, 43], [43, 83], [83, 123], [123, 130]],
            array_map(fn (FrameRange $piece): array => [$piece->in, $piece->out], $pieces),
        );
    }

    public function test_ranges_that_only_touch_have_nothing_in_common(): void
    {
        self::assertNull((new FrameRange(0, 10))->intersection(new FrameRange(10, 20)));
        self::assertEquals(new FrameRange(5, 10), (new FrameRange(0, 10))->intersection(new FrameRange(5, 20)));
    }
}
