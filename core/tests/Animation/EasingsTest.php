<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Animation;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Ricamo\Core\Animation\Easing\CubicBezier;
use Ricamo\Core\Animation\Easing\Easings;
use Ricamo\Core\Refusal;

final class EasingsTest extends TestCase
{
    /**
     * The published formulas (Robert Penner's equations on the unit interval, as printed on reference sheets), written
     * out for each direction by itself rather than by turning one another around.
     *
     * @return iterable<string, array{string, callable(float): float}>
     */
    public static function formulas(): iterable
    {
        foreach (['quad' => 2, 'cubic' => 3, 'quart' => 4, 'quint' => 5] as $name => $power) {
            yield "$name-in" => ["$name-in", fn (float $x): float => $x ** $power];
            yield "$name-out" => ["$name-out", fn (float $x): float => 1 - (1 - $x) ** $power];
            yield "$name-in-out" => ["$name-in-out", fn (float $x): float => $x < 0.5
                ? 2 ** ($power - 1) * $x ** $power
                : 1 - (-2 * $x + 2) ** $power / 2];
        }
        yield 'sine-in' => ['sine-in', fn (float $x): float => 1 - cos($x * M_PI / 2)];
        yield 'sine-out' => ['sine-out', fn (float $x): float => sin($x * M_PI / 2)];
        yield 'sine-in-out' => ['sine-in-out', fn (float $x): float => -(cos(M_PI * $x) - 1) / 2];
        yield 'expo-in' => ['expo-in', fn (float $x): float => $x === 0.0 ? 0.0 : 2 ** (10 * $x - 10)];
        yield 'expo-out' => ['expo-out', fn (float $x): float => $x === 1.0 ? 1.0 : 1 - 2 ** (-10 * $x)];
        yield 'expo-in-out' => ['expo-in-out', fn (float $x): float => match (true) {
            $x === 0.0, $x === 1.0 => $x,
            $x < 0.5 => 2 ** (20 * $x - 10) / 2,
            default => (2 - 2 ** (-20 * $x + 10)) / 2,
        }];
        $c1 = 1.70158;
        $c2 = $c1 * 1.525;
        yield 'back-in' => ['back-in', fn (float $x): float => ($c1 + 1) * $x ** 3 - $c1 * $x ** 2];
        yield 'back-out' => ['back-out', fn (float $x): float => 1 + ($c1 + 1) * ($x - 1) ** 3 + $c1 * ($x - 1) ** 2];
        yield 'back-in-out' => ['back-in-out', fn (float $x): float => $x < 0.5
            ? (2 * $x) ** 2 * (($c2 + 1) * 2 * $x - $c2) / 2
            : ((2 * $x - 2) ** 2 * (($c2 + 1) * (2 * $x - 2) + $c2) + 2) / 2];
        $c4 = 2 * M_PI / 3;
        yield 'elastic-in' => ['elastic-in', fn (float $x): float => $x === 0.0 || $x === 1.0 ? $x
            : -(2 ** (10 * $x - 10)) * sin(($x * 10 - 10.75) * $c4)];
        yield 'elastic-out' => ['elastic-out', fn (float $x): float => $x === 0.0 || $x === 1.0 ? $x
            : 2 ** (-10 * $x) * sin(($x * 10 - 0.75) * $c4) + 1];
        yield 'elastic-in-out' => ['elastic-in-out', fn (float $x): float => match (true) {
            $x === 0.0, $x === 1.0 => $x,
            $x < 0.5 => -(2 ** (20 * $x - 10) * sin((20 * $x - 10.75) * $c4)) / 2,
            default => 2 ** (-20 * $x + 10) * sin((20 * $x - 10.75) * $c4) / 2 + 1,
        }];
        // With settings: a·2^(−10x)·sin((x − s)·2π/p) + 1 where s = p/2π·asin(1/a); for a = 2 and p = 0.3 s is 0.025.
        $springOut = fn (float $x): float => $x === 0.0 || $x === 1.0 ? $x : 2 * 2 ** (-10 * $x) * sin(($x - 0.025) * 2 * M_PI / 0.3) + 1;
        yield 'elastic-out(2, 0.3)' => ['elastic-out(2, 0.3)', $springOut];
        yield 'elastic-in(2, 0.3)' => ['elastic-in(2, 0.3)', fn (float $x): float => 1 - $springOut(1 - $x)];
        yield 'elastic-in-out(2, 0.3)' => [
            'elastic-in-out(2, 0.3)',
            fn (float $x): float => $x < 0.5 ? (1 - $springOut(1 - 2 * $x)) / 2 : (1 + $springOut(2 * $x - 1)) / 2,
        ];
        $bounce = function (float $x): float {
            if ($x < 1 / 2.75) {
                return 7.5625 * $x * $x;
            }
            if ($x < 2 / 2.75) {
                return 7.5625 * ($x -= 1.5 / 2.75) * $x + 0.75;
            }
            if ($x < 2.5 / 2.75) {
                return 7.5625 * ($x -= 2.25 / 2.75) * $x + 0.9375;
            }

            return 7.5625 * ($x -= 2.625 / 2.75) * $x + 0.984375;
        };
        yield 'bounce-in' => ['bounce-in', fn (float $x): float => 1 - $bounce(1 - $x)];
        yield 'bounce-out' => ['bounce-out', $bounce];
        yield 'bounce-in-out' => ['bounce-in-out', fn (float $x): float => $x < 0.5
            ? (1 - $bounce(1 - 2 * $x)) / 2
            : (1 + $bounce(2 * $x - 1)) / 2];
    }

    /** @param  callable(float): float  $formula */
    #[DataProvider('formulas')]
    public function test_a_family_follows_its_published_formula(string $name, callable $formula): void
    {
        $easing = Easings::parse($name);
        foreach (range(0, 100) as $step) {
            self::assertEqualsWithDelta($formula($step / 100), $easing->at($step / 100), 1e-9, "$name at $step %");
        }
    }

    /** The curve is found another way: by walking its parameter in small steps and interpolating between them. */
    #[TestWith([[0.25, 0.1, 0.25, 1]])]
    #[TestWith([[0.42, 0, 1, 1]])]
    #[TestWith([[0, 0, 0.58, 1]])]
    #[TestWith([[0.9, -0.6, 0.1, 1.6]])]
    #[TestWith([[1, 0, 0, 1]])]
    #[TestWith([[0, 1, 1, 0]])]
    #[TestWith([[0, 0, 0, 0]])]
    public function test_a_cubic_bezier_follows_its_curve(array $points): void
    {
        [$x1, $y1, $x2, $y2] = $points;
        $easing = Easings::parse("cubic-bezier($x1, $y1, $x2, $y2)");
        $on = fn (float $a, float $b, float $u): float => 3 * $a * $u * (1 - $u) ** 2 + 3 * $b * $u ** 2 * (1 - $u) + $u ** 3;
        $at = 0;
        $steps = 20_000;
        for ($u = 1; $u <= $steps; $u++) {
            $x = $on($x1, $x2, $u / $steps);
            while ($at <= 100 && $at / 100 <= $x) {
                $before = $on($x1, $x2, ($u - 1) / $steps);
                $part = $x > $before ? ($at / 100 - $before) / ($x - $before) : 0;
                $y = $on($y1, $y2, ($u - 1 + $part) / $steps);
                self::assertEqualsWithDelta($y, $easing->at($at / 100), 0.0005, "at $at %");
                $at++;
            }
        }
        self::assertGreaterThanOrEqual(100, $at);
    }

    public function test_every_choice_begins_and_ends_where_it_should_and_is_written_as_it_is_read(): void
    {
        foreach (Easings::choices() as $name) {
            $easing = Easings::parse($name);
            self::assertSame(0.0, $easing->at(0), $name);
            self::assertSame(1.0, $easing->at(1), $name);
            $again = Easings::parse((string) $easing);
            self::assertSame([$easing::class, (string) $easing, $easing->at(0.3)], [$again::class, (string) $again, $again->at(0.3)]);
        }
    }

    public function test_hold_holds(): void
    {
        self::assertSame(0.0, Easings::parse('hold')->at(0.999));
    }

    public function test_amplitudes_are_kept(): void
    {
        self::assertSame('back-out(3)', (string) Easings::parse('back-out(3)'));
        self::assertSame('elastic-in(2, 0.5)', (string) Easings::parse('elastic-in(2,0.5)'));
        // With s = 3 the overshoot of back-out is highest where its derivative is nil: at t = 1 − 2s/3(s + 1), by 4s³/27(s + 1)².
        self::assertEqualsWithDelta(1 + 4 * 27 / (27 * 16), Easings::parse('back-out(3)')->at(1 - 6 / 12), 1e-9);
    }

    #[TestWith([''])]
    #[TestWith(['smooth'])]
    #[TestWith(['cubic'])]
    #[TestWith(['cubic-up'])]
    #[TestWith(['cubic-in(2)'])]
    #[TestWith(['linear(1)'])]
    #[TestWith(['linear(0, 1e308, 1)'])]
    #[TestWith(['linear(0, -1000001, 1)'])]
    #[TestWith(['cubic-bezier(0,0,1)'])]
    #[TestWith(['cubic-bezier(0,0,1,x)'])]
    #[TestWith(['cubic-bezier(-0.1,0,1,1)'])]
    #[TestWith(['cubic-bezier(0,0,1.1,1)'])]
    #[TestWith(['cubic-bezier(0,1e9,1,1)'])]
    #[TestWith(['back-out(99)'])]
    #[TestWith(['elastic-out(0.5)'])]
    #[TestWith(['elastic-out(1, 0)'])]
    #[TestWith(['elastic-out(1, 0.3, 2)'])]
    public function test_what_is_no_easing_is_refused(string $text): void
    {
        $this->expectException(Refusal::class);
        Easings::parse($text);
    }

    #[TestWith(['ease-in', 0.42, 0, 1, 1])]
    #[TestWith(['ease-out', 0, 0, 0.58, 1])]
    #[TestWith(['ease-in-out', 0.42, 0, 0.58, 1])]
    public function test_a_strength_of_42_is_the_keyword_of_css_and_of_nothing_is_linear(string $name, float ...$handles): void
    {
        $css = new CubicBezier(...$handles);
        for ($t = 0; $t <= 1; $t += 0.05) {
            self::assertEqualsWithDelta($css->at($t), Easings::parse("$name(42%)")->at($t), 1e-9);
            self::assertEqualsWithDelta($t, Easings::parse("$name(0%)")->at($t), 1e-6);
        }
        self::assertSame("$name(75%)", (string) Easings::parse("$name( 75 % )"));
    }

    public function test_a_strength_beyond_all_is_refused(): void
    {
        $this->expectExceptionMessage('a strength of 101 % is outside 0..100');
        Easings::parse('ease-in(101%)');
    }

    public function test_every_easing_runs_backwards_and_twice_backwards_is_itself(): void
    {
        foreach ([
            ...Easings::choices(), 'ease-in(80%)', 'cubic-bezier(0.1, -0.4, 0.3, 1.5)', 'linear(0, 0.2 30%, 0.9 40%, 1)',
            'elastic-out(2, 0.4)',
        ] as $text) {
            $easing = Easings::parse($text);
            $reversed = $easing->reversed();
            for ($t = 0.0; $t <= 1; $t += 0.0625) {
                self::assertEqualsWithDelta(1 - $easing->at(1 - $t), $reversed->at($t), 1e-6, "$text at $t");
                self::assertEqualsWithDelta($easing->at($t), $reversed->reversed()->at($t), 1e-6, "$text at $t");
            }
        }
    }
}
