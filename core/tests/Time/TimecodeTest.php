<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Time;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Ricamo\Core\Refusal;
use Ricamo\Core\Time\FrameRate;
use Ricamo\Core\Time\Timecode;

final class TimecodeTest extends TestCase
{
    /** @return iterable<string, array{string, int, string}> */
    public static function known(): iterable
    {
        yield 'the start' => ['25/1', 0, '00:00:00:00'];
        yield 'a second at 25' => ['25/1', 25, '00:00:01:00'];
        yield 'an hour at 25' => ['25/1', 90_000, '01:00:00:00'];
        yield 'before the start' => ['25/1', -26, '-00:00:01:01'];
        yield '23.976 has no drop frames' => ['24000/1001', 1440, '00:01:00:00'];
        // SMPTE ST 12-1: numbers 00 and 01 are left out at each minute, except every tenth.
        yield 'drop-frame, last of minute 0' => ['30000/1001', 1799, '00:00:59;29'];
        yield 'drop-frame, first of minute 1' => ['30000/1001', 1800, '00:01:00;02'];
        yield 'drop-frame, first of minute 2' => ['30000/1001', 3598, '00:02:00;02'];
        yield 'drop-frame, last of minute 9' => ['30000/1001', 17_981, '00:09:59;29'];
        yield 'drop-frame, ten minutes' => ['30000/1001', 17_982, '00:10:00;00'];
        yield 'drop-frame, an hour is 107892 frames' => ['30000/1001', 107_892, '01:00:00;00'];
        yield 'drop-frame, a day' => ['30000/1001', 24 * 107_892, '24:00:00;00'];
        yield '59.94, last of minute 0' => ['60000/1001', 3599, '00:00:59;59'];
        yield '59.94, first of minute 1' => ['60000/1001', 3600, '00:01:00;04'];
        yield '59.94, ten minutes' => ['60000/1001', 35_964, '00:10:00;00'];
    }

    #[DataProvider('known')]
    public function test_it_is_written_and_read_as_known(string $rate, int $frame, string $text): void
    {
        $timecode = new Timecode(FrameRate::parse($rate));
        self::assertSame($text, $timecode->format($frame));
        self::assertSame($frame, $timecode->parse($text));
    }

    #[TestWith(['25/1'])]
    #[TestWith(['30000/1001'])]
    #[TestWith(['60000/1001'])]
    #[TestWith(['24000/1001'])]
    public function test_every_frame_of_twenty_minutes_has_its_own_timecode_and_comes_back(string $rate): void
    {
        $rate = FrameRate::parse($rate);
        $timecode = new Timecode($rate);
        $before = '';
        foreach (range(0, 1300 * $rate->nominal(), 7) as $frame) {
            $text = $timecode->format($frame);
            self::assertGreaterThan($before, $text);
            self::assertSame($frame, $timecode->parse($text), $text);
            $before = $text;
        }
    }

    #[TestWith(['+25', 125])]
    #[TestWith(['-10', 90])]
    #[TestWith(['+1s', 125])]
    #[TestWith(['-2s+4f', 54])]
    #[TestWith([' − 2s - 4f', 46])]
    #[TestWith(['+2:10', 160])]
    #[TestWith(['-2:10', 40])]
    #[TestWith(['+ 1s + 6f', 131])]
    #[TestWith(['25', 25])]
    #[TestWith(['2:10', 60])]
    #[TestWith(['1s + 6f', 31])]
    public function test_with_a_sign_it_counts_from_here(string $text, int $frame): void
    {
        self::assertSame($frame, (new Timecode(new FrameRate(25)))->parseFrom($text, 100));
    }

    #[TestWith(['+'])]
    #[TestWith(['-'])]
    #[TestWith(['+tea'])]
    #[TestWith(['-0:99'])]
    public function test_a_sign_before_nothing_that_is_understood_is_refused(string $text): void
    {
        $this->expectException(Refusal::class);
        (new Timecode(new FrameRate(25)))->parseFrom($text, 100);
    }

    public function test_drop_frame_keeps_step_with_the_clock(): void
    {
        $rate = new FrameRate(30000, 1001);
        $timecode = new Timecode($rate);
        foreach ([3600, 7200, 36_000] as $seconds) {
            $frame = (int) round($seconds * $rate->perSecond());
            [$hours, $minutes, $rest] = explode(':', $timecode->format($frame));
            $shown = 3600 * (int) $hours + 60 * (int) $minutes + (int) $rest;
            self::assertEqualsWithDelta($seconds, $shown, 1);
        }
    }

    #[TestWith(['2:10', 60])]
    #[TestWith(['1:02:10', 1560])]
    #[TestWith(['130', 130])]
    #[TestWith([' 00:00:04:00 ', 100])]
    #[TestWith(['00:00:01;05', 30])]
    #[TestWith(['1s+6f', 31])]
    #[TestWith(['-(1s)/3', -8])]
    public function test_short_forms_are_read(string $text, int $frame): void
    {
        self::assertSame($frame, (new Timecode(new FrameRate(25)))->parse($text));
    }

    #[TestWith(['25/1', 'soon'])]
    #[TestWith(['25/1', '00:00:00:25'])]
    #[TestWith(['25/1', '00:00:60:00'])]
    #[TestWith(['25/1', '00:60:00:00'])]
    #[TestWith(['25/1', '1:2:3:4:5'])]
    #[TestWith(['30000/1001', '00:01:00;00'])]
    #[TestWith(['30000/1001', '00:01:00;01'])]
    #[TestWith(['60000/1001', '00:01:00;03'])]
    public function test_what_is_no_timecode_is_refused(string $rate, string $text): void
    {
        $this->expectException(Refusal::class);
        (new Timecode(FrameRate::parse($rate)))->parse($text);
    }
}
