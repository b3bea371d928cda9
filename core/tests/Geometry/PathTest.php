<?php

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
