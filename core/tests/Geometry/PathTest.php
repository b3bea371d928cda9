<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Geometry;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Path;
use Ricamo\Core\Refusal;

final class PathTest extends TestCase
{
    public function test_a_rectangle_without_rounding_has_four_lines(): void
    {
        self::assertSame('M-2 -1L2 -1L2 1L-2 1Z', Path::rectangle(Box::centred(4, 2))->data());
    }

    public function test_rounding_ends_at_half_the_shorter_side(): void
    {
        self::assertEquals(Path::rectangle(Box::centred(100, 40), 20), Path::rectangle(Box::centred(100, 40), 500));
    }

    /** Each corner's curve stays at the radius from that corner's own centre, and each side lies on the box's. */
    public function test_each_corner_is_rounded_about_its_own_centre(): void
    {
        $path = Path::rectangle(new Box(10, 20, 110, 80), 12);
        self::assertSame('MLCLCLCLCZ', $path->commands);
        $points = array_chunk($path->coordinates, 2);
        // Sides begin and end 12 before the corners, clockwise from the top left.
        self::assertEquals([[22, 20], [98, 20]], array_slice($points, 0, 2));
        self::assertEquals([110, 68], $points[5]);
        self::assertEquals([22, 80], $points[9]);
        self::assertEquals([10, 32], $points[13]);
        foreach ([[1, 98, 32], [5, 98, 68], [9, 22, 68], [13, 22, 32]] as [$from, $x, $y]) {
            $curve = array_slice($points, $from, 4);
            self::assertEqualsWithDelta(12, hypot($curve[0][0] - $x, $curve[0][1] - $y), 1e-9);
            self::assertEqualsWithDelta(12, hypot($curve[3][0] - $x, $curve[3][1] - $y), 1e-9);
            foreach (range(0, 20) as $step) {
                [$onX, $onY] = self::onCurve($curve, $step / 20);
                self::assertEqualsWithDelta(12, hypot($onX - $x, $onY - $y), 0.004);
                // Outside the centre's cross, inside the box.
                self::assertTrue(
                    abs($onX - 60) >= 38 - 1e-9
                        && abs($onX - 60) <= 50 + 1e-9
                        && abs($onY - 50) >= 18 - 1e-9
                        && abs($onY - 50) <= 30 + 1e-9,
                );
            }
        }
    }

    public function test_rounding_of_half_a_side_leaves_no_straight_part_there(): void
    {
        $points = array_chunk(Path::rectangle(Box::centred(100, 40), 20)->coordinates, 2);
        self::assertEquals([[-30, -20], [30, -20]], array_slice($points, 0, 2));
        self::assertEquals([50, 0], $points[4]);
        self::assertEquals([50, 0], $points[5]);
        $tall = array_chunk(Path::rectangle(Box::centred(40, 100), 500)->coordinates, 2);
        self::assertEquals([[0, -50], [0, -50]], array_slice($tall, 0, 2));
    }

    /** Points on the curves, by de Casteljau's construction, are as far from the centre as the radius says. */
    public function test_an_ellipse_is_round_to_three_in_ten_thousand(): void
    {
        $path = Path::ellipse(Box::centred(200, 200));
        $points = array_chunk($path->coordinates, 2);
        for ($segment = 0; $segment < 4; $segment++) {
            $curve = array_slice($points, 3 * $segment, 4);
            foreach (range(0, 20) as $step) {
                [$x, $y] = self::onCurve($curve, $step / 20);
                self::assertEqualsWithDelta(100, hypot($x, $y), 0.03);
            }
        }
    }

    public function test_data_reads_back(): void
    {
        $path = Path::rectangle(new Box(0.25, -1.5, 33.125, 12), 4);
        self::assertSame($path->data(), Path::parse($path->data())->data());
        self::assertSame($path->commands, Path::parse($path->data())->commands);
    }

    #[TestWith(['M1'])]
    #[TestWith(['M1 2L3'])]
    #[TestWith(['C1 2 3 4 5Z'])]
    public function test_incomplete_data_is_refused(string $data): void
    {
        $this->expectException(Refusal::class);
        Path::parse($data);
    }

    public function test_keys_tell_paths_apart(): void
    {
        self::assertSame(Path::key('M0 0Z'), Path::key('M0 0Z'));
        self::assertNotSame(Path::key('M0 0Z'), Path::key('M0 1Z'));
    }

    public function test_bounds_and_moving(): void
    {
        $moved = Path::rectangle(Box::centred(4, 2))->translated(10, 20);
        self::assertEquals(new Box(8, 19, 12, 21), $moved->bounds());
        self::assertNull((new Path('', []))->bounds());
    }

    /**
     * @param  list<array{float, float}>  $points
     * @return array{float, float}
     */
    private static function onCurve(array $points, float $t): array
    {
        while (count($points) > 1) {
            $next = [];
            for ($i = 0; $i + 1 < count($points); $i++) {
                $next[] = [
                    $points[$i][0] * (1 - $t) + $points[$i + 1][0] * $t,
                    $points[$i][1] * (1 - $t) + $points[$i + 1][1] * $t,
                ];
            }
            $points = $next;
        }

        return $points[0];
    }
}
