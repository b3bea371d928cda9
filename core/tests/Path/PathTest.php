<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Path;

use PHPUnit\Framework\TestCase;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Path;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Path\Along;
use Ricamo\Core\Path\Contour;
use Ricamo\Core\Path\Contours;
use Ricamo\Core\Refusal;

/** Paths by their knots: read, measured, cut and turned into one another. */
final class PathTest extends TestCase
{
    private const SQUARE = 'M-100 -100L100 -100L100 100L-100 100Z';

    private static function circle(float $radius = 100): Contours
    {
        return Contours::of(Path::ellipse(Box::centred(2 * $radius, 2 * $radius)));
    }

    public function test_path_data_is_read_into_knots_and_written_again(): void
    {
        foreach ([self::SQUARE, 'M0 0C10 0 20 10 20 20L40 20', 'M0 0L10 0M5 5C5 8 9 9 12 9C20 9 20 0 5 5Z', ''] as $data) {
            self::assertSame($data, Contours::parse($data)->write());
        }
        $circle = self::circle();
        self::assertSame([4, true], [$circle->count(), $circle->all[0]->closed]);
        self::assertEqualsWithDelta(2 * M_PI * 100, $circle->length(), 0.1);
        self::assertTrue($circle->all[0]->knots[0]->isSmooth());
        self::assertFalse(Contours::parse(self::SQUARE)->all[0]->knots[0]->isSmooth());
        // Relative commands, arcs and all else that SVG has.
        self::assertSame('M10 10L30 10L30 40', Contours::parse('m10,10h20v30')->write());
        $this->expectException(Refusal::class);
        Contours::parse('M0 0'.str_repeat('L1 1L2 2', 3000));
    }

    public function test_half_way_along_is_half_the_length(): void
    {
        // A curve that is far from evenly paced by its parameter.
        $contour = Contours::parse('M0 0C0 0 10 300 400 0L400 100C300 100 300 200 400 500')->all[0];
        $along = new Along($contour);
        $half = $along->part(0, $along->length / 2);
        self::assertNotNull($half);
        // Measured by ten thousand straight pieces.
        $measure = function (Contour $of): float {
            $sum = 0.0;
            foreach ($of->segments() as $segment) {
                $last = $segment->at(0);
                for ($step = 1; $step <= 4000; $step++) {
                    $next = $segment->at($step / 4000);
                    $sum += hypot($next->x - $last->x, $next->y - $last->y);
                    $last = $next;
                }
            }

            return $sum;
        };
        self::assertEqualsWithDelta(0.5, $measure($half) / $measure($contour), 0.0005);
        self::assertEqualsWithDelta($measure($contour), $along->length, 0.001 * $along->length);
        $rest = $along->part($along->length / 2, $along->length);
        self::assertNotNull($rest);
        self::assertEqualsWithDelta($half->knots[count($half->knots) - 1]->at->x, $rest->knots[0]->at->x, 1e-6);
        self::assertEqualsWithDelta(new Point(400, 500), $rest->knots[count($rest->knots) - 1]->at, 1e-9);
        self::assertNull($along->part(5, 5));
    }

    public function test_a_closed_line_goes_on_from_its_beginning(): void
    {
        $along = new Along(Contours::parse(self::SQUARE)->all[0]);
        self::assertSame(800.0, round($along->length, 6));
        $over = $along->part(700, 900);
        self::assertSame(
            'M-100 0C-100 -33.333 -100 -66.667 -100 -100C-66.667 -100 -33.333 -100 0 -100',
            (new Contours(array_filter([$over])))->write(),
        );
        self::assertEqualsWithDelta([0, 90, 180, -90], array_map($along->heading(...), [100, 300, 500, 700]), 1e-6);
        self::assertEqualsWithDelta($along->at(50), $along->at(850), 1e-6);
    }

    public function test_paths_with_as_many_knots_are_mixed_knot_by_knot(): void
    {
        $one = Contours::parse('M0 0L100 0L100 100Z');
        $other = Contours::parse('M0 0C10 10 20 20 200 0L100 300Z');
        self::assertSame('M0 0C5 5 60 10 150 0L100 200Z', $one->mix($other, 0.5)->write());
        self::assertSame($one, $one->mix($other, 0.0));
        self::assertSame($other, $one->mix($other, 1.0));
        // Beyond the ends where an easing goes there.
        self::assertSame('M0 0C15 15 -20 30 250 0L100 400Z', $one->mix($other, 1.5)->write());
    }

    public function test_a_square_turns_into_a_circle_without_a_twist(): void
    {
        [$square, $circle] = [Contours::parse(self::SQUARE), self::circle()];
        self::assertSame([$square, $circle], [$square->mix($circle, 0.0), $square->mix($circle, 1.0)]);
        // The square begins at a corner, the circle at its right: at equal shares of their lengths a corner meets the circle at 45°.
        foreach ([0.001, 0.25, 0.5, 0.999] as $t) {
            $mixed = $square->mix($circle, $t);
            $corner = 100 + (100 * M_SQRT1_2 - 100) * $t;
            $nearest = min(array_map(fn ($knot): float => hypot($knot->at->x - $corner, $knot->at->y - $corner), $mixed->all[0]->knots));
            self::assertLessThan(0.2, $nearest, "at $t");
            self::assertTrue($mixed->length() < $square->length() + 0.01 && $mixed->length() > $circle->length() - 0.01, "at $t");
        }
        // The same from whichever corner, and whichever way round, either is drawn.
        $other = new Contours([$square->all[0]->startingAt(2)->reversed()]);
        self::assertEqualsWithDelta($square->mix($circle, 0.5)->length(), $other->mix($circle, 0.5)->length(), 0.05);
        self::assertEqualsWithDelta(
            abs($square->mix($circle, 0.5)->all[0]->winding()), abs($other->mix($circle, 0.5)->all[0]->winding()), 30,
        );
    }

    public function test_shapes_with_other_numbers_of_lines_grow_out_of_a_point(): void
    {
        $ring = new Contours([self::circle(100)->all[0], self::circle(50)->all[0]->reversed()]);
        $star = Contours::parse('M0 -100L30 -30L100 0L30 30L0 100L-30 30L-100 0L-30 -30Z');
        $half = $ring->mix($star, 0.5);
        self::assertCount(2, $half->all);
        self::assertEqualsWithDelta(0.5 * 2 * M_PI * 50, $half->all[1]->length(), 1);
        // An open line becomes a closed one.
        $line = Contours::parse('M-100 0L100 0');
        self::assertFalse($line->mix($star, 0.5)->all[0]->closed);
        self::assertEqualsWithDelta(200, $line->mix($star, 1e-9)->length(), 0.01);
        self::assertEqualsWithDelta($star->length(), $line->mix($star, 1 - 1e-9)->length(), 0.01);
    }

    public function test_what_has_no_length_grows_out_of_where_it_is(): void
    {
        $star = Contours::parse('M0 -100L30 -30L100 0L30 30L0 100L-30 30L-100 0L-30 -30Z');
        $dot = Contours::parse('M40 40L40 40');
        $half = $dot->mix($star, 0.5);
        self::assertEqualsWithDelta($star->length() / 2, $half->length(), 0.01);
        foreach ($half->all[0]->knots as $knot) {
            self::assertTrue(is_finite($knot->at->x) && is_finite($knot->at->y));
        }
    }

    public function test_ends_of_a_morph_are_drawn_as_the_given_paths_whatever_their_knots(): void
    {
        $names = [
            'M0 0L50 80L100 0Z', self::SQUARE, 'M0 0C0 50 80 90 120 10C120 -90 0 -50 0 0Z',
            'M0 -100L30 -30L100 0L30 30L0 100L-30 30L-100 0L-30 -30Z',
        ];
        foreach ($names as $from) {
            foreach ($names as $to) {
                [$one, $other] = [Contours::parse($from), Contours::parse($to)];
                foreach ([[1e-9, $one], [1 - 1e-9, $other]] as [$t, $end]) {
                    $near = new Along($one->mix($other, $t)->all[0]);
                    $given = new Along($end->all[0]);
                    self::assertEqualsWithDelta($given->length, $near->length, 0.01);
                    // Every one of its places lies on the other.
                    $places = array_map(fn (int $step): Point => $given->at($step / 400 * $given->length), range(0, 400));
                    foreach (range(0, 20) as $step) {
                        $place = $near->at($step / 20 * $near->length);
                        self::assertLessThan(
                            1.2,
                            min(array_map(fn (Point $one): float => hypot($one->x - $place->x, $one->y - $place->y), $places)),
                        );
                    }
                }
            }
        }
    }
}
