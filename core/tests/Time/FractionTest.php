<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Time;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Ricamo\Core\Refusal;
use Ricamo\Core\Time\Fraction;
use Ricamo\Core\Time\FrameRate;

final class FractionTest extends TestCase
{
    public function test_it_is_kept_in_lowest_terms_and_written_as_briefly_as_it_can_be(): void
    {
        self::assertSame('5/12', (new Fraction(25, 60))->toJson());
        self::assertSame(-3, (new Fraction(-9, 3))->toJson());
        self::assertSame('5/12', Fraction::parse('5/12')->toJson());
        self::assertSame(7, Fraction::parse('7')->toJson());
    }

    public function test_it_calculates_exactly(): void
    {
        $third = new Fraction(1, 3);
        self::assertSame(1, $third->plus($third)->plus($third)->toJson());
        self::assertSame('1/9', $third->times($third)->toJson());
        self::assertSame(6, (new Fraction(2))->dividedBy($third)->toJson());
        self::assertSame([-1, 0, 1], [(new Fraction(-1, 3))->floor(), $third->floor(), (new Fraction(5, 4))->floor()]);
        self::assertSame(0.25, (new Fraction(1, 4))->toFloat());
    }

    public function test_the_frame_on_screen_is_rounded_down_from_the_exact_moment(): void
    {
        $step = (new FrameRate(25))->per(new FrameRate(60));
        self::assertSame('5/12', $step->toJson());
        // 7/12 + 2 · 5/12 is 17/12, and one step less is exactly 1.
        self::assertSame(1, (new Fraction(7, 12))->plusTimesFloored(2, $step));
        self::assertSame(1, (new Fraction(7, 12))->plusTimesFloored(1, $step));
        self::assertSame(0, (new Fraction(7, 12))->plusTimesFloored(0, $step));
        self::assertSame(-1, (new Fraction(7, 12))->plusTimesFloored(-2, $step));
    }

    public function test_what_overflows_is_worked_out_all_the_same(): void
    {
        $from = new Fraction(99_999_999_999_999_999, 999_999_999_989);
        $step = new Fraction(999_983, 999_979);
        // 99999999999999999/999999999989 is 100000.0000011, and 10⁶ steps of 1.000004000084 are 1000004.000084.
        self::assertSame(1_100_004, $from->plusTimesFloored(1_000_000, $step));
        // What does not fit is rounded to a billionth of a frame.
        $sum = (new Fraction(1, 999_999_999_989))->plus(new Fraction(1, 999_999_999_959));
        self::assertEqualsWithDelta(2e-12, $sum->toFloat(), 1e-9);
    }

    #[DataProvider('senseless')]
    public function test_anything_else_is_refused(string $text): void
    {
        $this->expectException(Refusal::class);
        Fraction::parse($text);
    }

    /** @return list<array{string}> */
    public static function senseless(): array
    {
        return [['5/0'], ['a'], ['1.5'], ['1/2/3'], ['1/-2'], [''], ['99999999999999999999']];
    }
}
