<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Path;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Path\CurveFit;

/** Curves through points that were drawn. */
final class CurveFitTest extends TestCase
{
    /**
     * Points of one cubic curve, at even steps of its parameter.
     *
     * @param  list<array{float, float}>  $curve
     * @return list<Point>
     */
    private function sampled(array $curve, int $steps = 240): array
    {
        [$a, $b, $c, $d] = array_map(fn (array $one): Point => new Point(...$one), $curve);

        return array_map(function (int $step) use ($a, $b, $c, $d, $steps): Point {
            $t = $step / $steps;
            $u = 1 - $t;

            return $a->times($u ** 3)->plus($b->times(3 * $t * $u ** 2))->plus($c->times(3 * $t ** 2 * $u))->plus($d->times($t ** 3));
        }, range(0, $steps));
    }

    /**
     * What was one curve is one again, with the handles that it had, whichever way it lies.
     *
     * @param  list<array{float, float}>  $curve
     */
    #[TestWith([[[0, 0], [120, 0], [200, 80], [200, 200]]])]
    #[TestWith([[[0, 0], [0, 120], [80, 200], [200, 200]]])]
    #[TestWith([[[10, 300], [60, 160], [270, 140], [340, 280]]])]
    #[TestWith([[[0, 0], [90, -160], [210, 160], [300, 0]]])]
    #[TestWith([[[50, 20], [40, 140], [-150, 170], [-220, 60]]])]
    public function test_one_curve_is_found_again(array $curve): void
    {
        $found = CurveFit::through($this->sampled($curve), 3.0);
        self::assertNotNull($found);
        self::assertCount(2, $found->knots);
        [$from, $to] = $found->knots;
        self::assertEqualsWithDelta($curve[0], [$from->at->x, $from->at->y], 1e-9);
        self::assertEqualsWithDelta($curve[3], [$to->at->x, $to->at->y], 1e-9);
        $length = hypot($curve[3][0] - $curve[0][0], $curve[3][1] - $curve[0][1]);
        $out = $from->at->plus($from->out);
        $in = $to->at->plus($to->in);
        self::assertEqualsWithDelta($curve[1], [$out->x, $out->y], 0.06 * $length);
        self::assertEqualsWithDelta($curve[2], [$in->x, $in->y], 0.06 * $length);
    }

    public function test_two_points_are_a_line_and_one_is_none(): void
    {
        self::assertNull(CurveFit::through([new Point(4, 4), new Point(4, 4)], 1));
        $line = CurveFit::through([new Point(0, 0), new Point(90, 30)], 1);
        self::assertNotNull($line);
        // Its handles lie a third of the way along it.
        self::assertEqualsWithDelta([30, 10, -30, -10], [
            $line->knots[0]->out->x, $line->knots[0]->out->y, $line->knots[1]->in->x, $line->knots[1]->in->y,
        ], 1e-9);
    }

    public function test_a_corner_parts_it_and_no_point_is_farther_than_the_tolerance(): void
    {
        $points = [];
        for ($step = 0; $step <= 40; $step++) {
            $points[] = new Point(5 * $step, 0);
        }
        for ($step = 1; $step <= 40; $step++) {
            $points[] = new Point(200, 5 * $step);
        }
        $found = CurveFit::through($points, 1.5);
        self::assertNotNull($found);
        self::assertGreaterThan(2, count($found->knots));
        foreach ($points as $point) {
            $nearest = INF;
            foreach ($found->segments() as $segment) {
                for ($step = 0; $step <= 200; $step++) {
                    $at = $segment->at($step / 200);
                    $nearest = min($nearest, hypot($at->x - $point->x, $at->y - $point->y));
                }
            }
            self::assertLessThan(1.7, $nearest);
        }
    }
}
