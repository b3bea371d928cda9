<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Time;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Ricamo\Core\Refusal;
use Ricamo\Core\Time\FrameRate;

final class FrameRateTest extends TestCase
{
    #[TestWith(['25', '25/1'])]
    #[TestWith(['50/2', '25/1'])]
    #[TestWith(['30000/1001', '30000/1001'])]
    public function test_it_is_read_and_reduced(string $text, string $expected): void
    {
        self::assertSame($expected, (string) FrameRate::parse($text));
    }

    #[TestWith([''])]
    #[TestWith(['25.0'])]
    #[TestWith(['-25'])]
    #[TestWith(['25/0'])]
    #[TestWith(['0/1'])]
    #[TestWith(['1/2'])]
    #[TestWith(['241/1'])]
    #[TestWith(['30000/1001/2'])]
    #[TestWith(['9999999/1'])]
    public function test_what_is_no_rate_is_refused(string $text): void
    {
        $this->expectException(Refusal::class);
        FrameRate::parse($text);
    }

    #[TestWith(['24000/1001', 24])]
    #[TestWith(['25/1', 25])]
    #[TestWith(['30000/1001', 30])]
    #[TestWith(['60000/1001', 60])]
    #[TestWith(['25/2', 13])]
    public function test_its_nominal_rate_is_the_next_whole_number(string $rate, int $nominal): void
    {
        self::assertSame($nominal, FrameRate::parse($rate)->nominal());
    }

    public function test_frames_are_exact_after_hours(): void
    {
        $ntsc = new FrameRate(30000, 1001);
        // 1001 seconds hold exactly 30000 frames, so a million seconds × 1001 hold 30 million thousands.
        self::assertSame(1001.0, $ntsc->seconds(30000));
        self::assertSame(900_000, $ntsc->frameShownAt(900_000, $ntsc));
        self::assertSame(750_750, (new FrameRate(25))->frameShownAt(900_000, $ntsc));
        self::assertSame(750_749, (new FrameRate(25))->frameShownAt(899_999, $ntsc));
    }

    /** @return iterable<array{string, string, int, int, int}> */
    public static function conversions(): iterable
    {
        // At 25 frames a second, frame 1 begins after 0.04 s; at 30 that is 1.2 frames in.
        yield ['30/1', '25/1', 1, 1, 1];
        yield ['30/1', '25/1', 2, 2, 2];
        yield ['30/1', '25/1', 3, 3, 4];
        yield ['30/1', '25/1', 5, 6, 6];
        yield ['25/1', '50/1', 1, 0, 1];
        yield ['25/1', '50/1', 3, 1, 2];
        yield ['25/1', '50/1', -1, -1, 0];
        yield ['30/1', '25/1', -1, -2, -1];
    }

    #[DataProvider('conversions')]
    public function test_it_finds_the_frame_shown_and_the_nearest_one(string $to, string $from, int $frame, int $shown, int $nearest): void
    {
        self::assertSame($shown, FrameRate::parse($to)->frameShownAt($frame, FrameRate::parse($from)));
        self::assertSame($nearest, FrameRate::parse($to)->nearestFrame($frame, FrameRate::parse($from)));
    }
}
