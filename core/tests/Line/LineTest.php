<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Line;

use PHPUnit\Framework\TestCase;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Path\Contours;
use Ricamo\Core\Path\CurveFit;
use Ricamo\Core\Tests\Fixture;

/** Outlines that are drawn in part, in dashes and tapered. */
final class LineTest extends TestCase
{
    use DrawnLines;

    private static function length(Composition $composition, int $frame = 0): float
    {
        return array_sum(array_map(fn (array $item): float => Contours::parse($item['path'])->length(), self::items($composition, $frame)));
    }

    public function test_half_of_an_outline_is_half_of_its_length(): void
    {
        foreach ([
            ['form' => 'rectangle'], ['form' => 'ellipse', 'size' => [300, 80]], ['form' => 'heart', 'size' => [200, 200]],
        ] as $form) {
            self::assertEqualsWithDelta(
                0.5 * self::length(self::square($form)), self::length(self::square([...$form, 'drawEnd' => 50])),
                0.0005 * self::length(self::square($form)),
            );
        }
        $drawn = fn (array $more): array => array_column(self::items(self::square($more)), 'path');
        // Straight pieces are written as curves, and lie on their lines.
        $ends = function (array $more) use ($drawn): array {
            $path = Contours::parse($drawn($more)[0]);

            return array_map(fn ($contour): array => [$contour->knots[0]->at, $contour->knots[count($contour->knots) - 1]->at], $path->all);
        };
        self::assertEquals([[new Point(-50, -50), new Point(50, 0)]], $ends(['drawEnd' => 37.5]));
        // From the other end, a part of it, and on over where it began.
        self::assertEquals([[new Point(50, 0), new Point(-50, -50)]], $ends(['drawBegin' => 37.5]));
        self::assertEquals([[new Point(-50, 0), new Point(0, -50)]], $ends(['drawBegin' => 0, 'drawEnd' => 25, 'drawOffset' => -12.5]));
        self::assertSame([], $drawn(['drawEnd' => 0]));
        self::assertSame(['M-50 -50L50 -50L50 50L-50 50Z'], $drawn(['drawBegin' => 100, 'drawEnd' => 0]));
    }

    public function test_several_lines_are_drawn_at_once_or_one_after_another(): void
    {
        $two = ['form' => 'path', 'path' => 'M0 0L100 0M0 50L300 50', 'drawEnd' => 50];
        $lines = fn (array $more): array => array_map(
            fn ($contour): float => round($contour->length(), 3),
            Contours::parse(self::items(self::square([...$two, ...$more]))[0]['path'])->all,
        );
        self::assertSame([50.0, 150.0], $lines([]));
        self::assertSame([100.0, 100.0], $lines(['drawTogether' => false]));
        // Shifted over the end of an open one it goes on from its beginning.
        self::assertSame([25.0, 25.0, 75.0, 75.0], $lines(['drawOffset' => 75]));
        self::assertSame([100.0, 200.0], $lines(['drawTogether' => false, 'drawEnd' => 75]));
    }

    public function test_letters_are_drawn_too(): void
    {
        $words = fn (array $more): Composition => Fixture::composition([Fixture::words([
            'typeSize' => 100, 'fill' => '#00000000', 'outlineWidth' => 2, ...$more,
        ])]);
        // Nine squares of 40 × 50: half of each.
        self::assertEqualsWithDelta(9 * 90 * 10, self::length($words(['drawEnd' => 50])), 1);
        $one = Contours::parse(self::items($words(['drawEnd' => 50, 'drawTogether' => false]))[0]['path']);
        self::assertCount(5, $one->all);
    }

    public function test_dashes_are_in_pixels_and_too_many_of_them_are_none(): void
    {
        self::assertEquals(
            [20, 8, 3],
            [
                ...self::items(self::square(['dash' => 20, 'gap' => 8, 'dashOffset' => 3]))[0]['dashes'],
                self::items(self::square(['dash' => 20, 'gap' => 8, 'dashOffset' => 3]))[0]['offset'],
            ],
        );
        self::assertArrayNotHasKey('dashes', self::items(self::square(['dash' => 20]))[0]);
        self::assertArrayNotHasKey('dashes', self::items(self::square(['dash' => 0.01, 'gap' => 0.01]))[0]);
        // Of words in thousandths of an em.
        $words = Fixture::composition([Fixture::words([
            'typeSize' => 100, 'outlineWidth' => 2, 'dash' => 5, 'gap' => 5, 'dashOffset' => 3,
        ])]);
        self::assertEquals([[50, 50], 30], [self::items($words)[0]['dashes'], self::items($words)[0]['offset']]);
    }

    public function test_a_tapered_line_is_an_area_that_becomes_narrow(): void
    {
        $line = fn (array $more): array => self::items(Fixture::composition([Fixture::bar([
            'form' => 'line', 'size' => [200, 0], 'outlineWidth' => 20, 'fill' => '#00000000', 'position' => [0, 0],
            ...$more,
        ])]));
        self::assertSame('M-100 0L100 0', $line([])[0]['path']);
        [$area] = $line(['taperBegin' => 50, 'taperEnd' => 25]);
        self::assertSame('fill', $area['op']);
        $points = array_map(
            fn ($knot): array => [round($knot->at->x, 2), round($knot->at->y, 2)],
            Contours::parse($area['path'])->all[0]->knots,
        );
        foreach ([[-100.0, 0.0], [0.0, 10.0], [0.0, -10.0], [75.0, 5.0], [-50.0, 5.0]] as $expected) {
            self::assertContains($expected, $points);
        }
    }

    public function test_a_tapered_arc_ends_square_to_its_direction(): void
    {
        [$area] = self::items(Fixture::composition([Fixture::bar([
            'form' => 'arc', 'size' => [200, 200], 'start' => -90, 'sweep' => 180, 'outlineWidth' => 20,
            'fill' => '#00000000', 'position' => [0, 0], 'taperBegin' => 30,
        ])]));
        $points = self::points($area['path']);
        self::assertEqualsWithDelta([-100, 0], $points[0], 1e-3);
        foreach ([[110, 0], [90, 0], [0, -110], [0, -90]] as [$x, $y]) {
            self::assertLessThan(0.1, min(array_map(fn (array $one): float => hypot($one[0] - $x, $one[1] - $y), $points)), "$x $y");
        }
    }

    public function test_a_curve_is_fitted_to_what_was_drawn(): void
    {
        // A hand that trembles by 1 px along a wave.
        $points = array_map(
            fn (int $step): Point => new Point(3 * $step, 80 * sin($step / 25) + ($step % 2 === 0 ? 1 : -1)), range(0, 200),
        );
        $line = CurveFit::through($points, 3);
        self::assertNotNull($line);
        self::assertLessThan(14, count($line->knots));
        self::assertEquals([$points[0], $points[200]], [$line->knots[0]->at, $line->knots[count($line->knots) - 1]->at]);
        $places = array_merge(...array_map(
            fn ($segment): array => array_map(fn (int $t): Point => $segment->at($t / 200), range(0, 200)),
            $line->segments(),
        ));
        foreach ($points as $point) {
            self::assertLessThan(
                3.1,
                min(array_map(fn (Point $place): float => hypot($place->x - $point->x, $place->y - $point->y), $places)),
            );
        }
        // Smooth where curves meet.
        self::assertTrue($line->knots[1]->isSmooth());
        self::assertCount(2, CurveFit::through([new Point(0, 0), new Point(100, 0)], 1)->knots ?? []);
        self::assertNull(CurveFit::through([new Point(1, 1), new Point(1, 1)], 1));
    }
}
