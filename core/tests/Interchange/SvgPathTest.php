<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Interchange;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Interchange\Svg\SvgTransform;
use Ricamo\Core\Path\SvgPath;
use Ricamo\Core\Refusal;

final class SvgPathTest extends TestCase
{
    #[DataProvider('paths')]
    public function test_all_commands_become_moves_lines_and_cubic_curves(string $data, string $expected): void
    {
        self::assertSame($expected, SvgPath::parse($data, 1000)->data());
    }

    /** @return iterable<string, array{string, string}> */
    public static function paths(): iterable
    {
        yield 'absolute' => ['M10 20 L30 40 Z', 'M10 20L30 40Z'];
        yield 'relative, further pairs are lines' => ['m10,20 5,5 -2-3z', 'M10 20L15 25L13 22Z'];
        yield 'level and upright' => ['M1 2H5v3h-2V0', 'M1 2L5 2L5 5L3 5L3 0'];
        yield 'numbers as close as they may be' => ['M.5.5-1e1-.25', 'M0.5 0.5L-10 -0.25'];
        yield 'a smooth curve mirrors the handle' => ['M0 0C0 10 10 20 20 20s20-10 20-20', 'M0 0C0 10 10 20 20 20C30 20 40 10 40 0'];
        yield 'a smooth curve after a line has none' => ['M0 0L10 10S20 20 30 10', 'M0 0L10 10C10 10 20 20 30 10'];
        yield 'quadratic' => ['M0 0Q30 60 60 0', 'M0 0C20 40 40 40 60 0'];
        yield 'smooth quadratic' => ['M0 0Q30 60 60 0T120 0', 'M0 0C20 40 40 40 60 0C80 -40 100 -40 120 0'];
        yield 'after a closing it goes on from the beginning' => ['M5 5h10v10zl0 3', 'M5 5L15 5L15 15ZM5 5L5 8'];
        yield 'closed twice' => ['M0 0L9 0zZ', 'M0 0L9 0Z'];
        yield 'an arc without a radius is a line' => ['M0 0A0 5 0 0 1 9 9', 'M0 0L9 9'];
        yield 'it is drawn as far as it can be read' => ['M0 0L5 5L7', 'M0 0L5 5'];
        yield 'what begins with no move is nothing' => ['L5 5', ''];
    }

    #[DataProvider('arcs')]
    public function test_arcs_lie_on_their_ellipse(
        string $data, float $cx, float $cy, float $rx, float $ry, float $turn, float $sweep,
    ): void {
        $path = SvgPath::parse($data, 1000);
        $into = Affine::scaling(1 / $rx, 1 / $ry)->after(Affine::rotation(-$turn))->after(Affine::translation(-$cx, -$cy));
        [$x, $y] = array_slice($path->coordinates, 0, 2);
        $angle = 0.0;
        for ($at = 2; $at < count($path->coordinates); $at += 6) {
            [$x1, $y1, $x2, $y2, $x3, $y3] = array_slice($path->coordinates, $at, 6);
            $before = null;
            for ($t = 0.0; $t <= 1; $t += 0.125) {
                $bezier = fn (float $a, float $b, float $c, float $d): float => (1 - $t) ** 3 * $a
                    + 3 * (1 - $t) ** 2 * $t * $b
                    + 3 * (1 - $t) * $t ** 2 * $c
                    + $t ** 3 * $d;
                $on = $into->apply(new Point($bezier($x, $x1, $x2, $x3), $bezier($y, $y1, $y2, $y3)));
                self::assertEqualsWithDelta(1, hypot($on->x, $on->y), 5e-4);
                $now = rad2deg(atan2($on->y, $on->x));
                $angle += $before === null ? 0 : fmod($now - $before + 540, 360) - 180;
                $before = $now;
            }
            [$x, $y] = [$x3, $y3];
        }
        self::assertEqualsWithDelta($sweep, $angle, 0.2);
    }

    /** @return iterable<string, array{string, float, float, float, float, float, float}> */
    public static function arcs(): iterable
    {
        yield 'a quarter' => ['M10 0A10 10 0 0 1 0 10', 0, 0, 10, 10, 0, 90];
        yield 'the other way round' => ['M10 0A10 10 0 1 0 0 10', 0, 0, 10, 10, 0, -270];
        yield 'flags without spaces' => ['M10 0a10 10 0 01-10 10', 0, 0, 10, 10, 0, 90];
        yield 'too small to reach: half of a larger one' => ['M-20 0A1 1 0 0 1 20 0', 0, 0, 20, 20, 0, 180];
        yield 'turned by thirty degrees' => ['M17.320508 10A20 8 30 1 1 -17.320508 -10', 0, 0, 20, 8, 30, 180];
    }

    public function test_too_many_points_are_refused(): void
    {
        $this->expectException(Refusal::class);
        SvgPath::parse('M0 0'.str_repeat('L1 1', 50), 40);
    }

    public function test_transforms_are_applied_from_the_right_to_the_left(): void
    {
        $place = fn (string $text, float $x, float $y): array => array_map(
            fn (float $value): float => round($value, 6),
            array_values((array) SvgTransform::parse($text)->apply(new Point($x, $y))),
        );
        self::assertSame([12.0, 24.0], $place('translate(10 20) scale(2)', 1, 2));
        self::assertSame([22.0, 44.0], $place('scale(2),translate(10,20)', 1, 2));
        self::assertSame([-2.0, 1.0], $place('rotate(90)', 1, 2));
        self::assertSame([5.0, 5.0], $place('rotate(180 5 5)', 5, 5));
        self::assertSame([3.0, 2.0], $place('skewX(45)', 1, 2));
        self::assertSame([1.0, 3.0], $place('skewY(45)', 1, 2));
        self::assertSame([12.0, 25.0], $place('matrix(1 0 1 2 9 21)', 1, 2));
    }
}
