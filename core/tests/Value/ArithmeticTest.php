<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Value;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Ricamo\Core\Kind\LayerKinds;
use Ricamo\Core\Refusal;
use Ricamo\Core\Tests\Fixture;
use Ricamo\Core\Value\Arithmetic;
use Ricamo\Core\Value\Terms;

final class ArithmeticTest extends TestCase
{
    /** In a composition of 1920 × 1080 at 25 frames a second; the value that stands there is 80. */
    private function terms(string $property, ?int $axis = null): Terms
    {
        $kind = LayerKinds::all()[$property === 'typeSize' ? 'text' : 'shape'];

        return Terms::of(
            $kind->properties()[$property]->unit, Fixture::composition()->names(),
            $axis === null ? null : [1920.0, 1080.0][$axis], 80.0,
        );
    }

    #[TestWith(['1280/8', 160.0])]
    #[TestWith(['w/2', 960.0])]
    #[TestWith(['h - 2*(100 + 8)', 864.0])]
    #[TestWith(['-w/4 + 10', -470.0])]
    #[TestWith(['2 - 3 - 4', -5.0])]
    #[TestWith(['24 / 4 / 2', 3.0])]
    #[TestWith(['50%', 960.0])]
    #[TestWith(['100% - 120px', 1800.0])]
    #[TestWith(['0,5 × W', 960.0])]
    #[TestWith(['--3', 3.0])]
    #[TestWith(['.5*fps', 12.5])]
    #[TestWith(['  12.  ', 12.0])]
    public function test_sums_along_an_axis(string $text, float $result): void
    {
        self::assertSame($result, Arithmetic::evaluate($text, $this->terms('position', 0)));
    }

    #[TestWith(['rotation', '2.5t', 900.0])]
    #[TestWith(['rotation', '-4t + 30°', -1410.0])]
    #[TestWith(['scale', '50%', 50.0])]
    #[TestWith(['opacity', '100%/3', 100 / 3])]
    #[TestWith(['typeSize', '150%', 120.0])]
    public function test_units_mean_what_the_property_is_counted_in(string $property, string $text, float $result): void
    {
        self::assertSame($result, Arithmetic::evaluate($text, $this->terms($property)));
    }

    public function test_percent_of_the_height_along_the_other_axis(): void
    {
        self::assertSame(540.0, Arithmetic::evaluate('50%', $this->terms('position', 1)));
    }

    #[TestWith(['1s+6f', 31.0])]
    #[TestWith(['1s/3', 25 / 3])]
    #[TestWith(['2*fps', 50.0])]
    public function test_time(string $text, float $frames): void
    {
        self::assertSame($frames, Arithmetic::evaluate($text, Terms::frames(25.0)));
    }

    #[TestWith(['w/', 'something is missing at the end'])]
    #[TestWith(['(w', 'a parenthesis is not closed'])]
    #[TestWith(['w/0', 'nothing can be divided by nought'])]
    #[TestWith(['w/(h-h)', 'nothing can be divided by nought'])]
    #[TestWith(['2t', '"t" is not understood there'])]
    #[TestWith(['width', '"width" is not understood'])]
    #[TestWith(['1 2', '"2" is not understood there'])]
    #[TestWith(['', 'something is missing'])]
    #[TestWith(['system("ls")', '"system" is not understood'])]
    #[TestWith([
        '9*99999999999999999999999999999999999999999999999999999999999999999999999999999999999999999999999999999*9999999999999999999999999999999999999999999999999999999999999999999999999999999999999999999999999999999999999',
        'longer than 200 characters',
    ])]
    public function test_what_cannot_be_worked_out_is_refused_with_the_reason(string $text, string $says): void
    {
        $this->expectException(Refusal::class);
        $this->expectExceptionMessage($says);
        Arithmetic::evaluate($text, $this->terms('position', 0));
    }

    public function test_nesting_is_limited(): void
    {
        $this->expectException(Refusal::class);
        $this->expectExceptionMessage('too deeply nested');
        Arithmetic::evaluate(str_repeat('(', 60).'1'.str_repeat(')', 60), $this->terms('position', 0));
    }
}
