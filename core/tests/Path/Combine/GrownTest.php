<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Path\Combine;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Path;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Path\Combine\CornerStyle;
use Ricamo\Core\Path\Combine\Grown;
use Ricamo\Core\Path\Contours;

final class GrownTest extends TestCase
{
    private const HEART = 'M0 -46C10 -80 28 -100 50 -100C80 -100 100 -74 100 -36C100 16 40 56 0 100C-40 56 -100 16 -100 -36C-100 -74 -80 -100 -50 -100C-28 -100 -10 -80 0 -46Z';

    public function test_a_rectangle_by_hand(): void
    {
        $rectangle = Contours::of(Path::rectangle(new Box(0, 0, 100, 50)));
        self::assertSame('M110 -10L110 60L-10 60L-10 -10Z', Grown::of($rectangle, 10, CornerStyle::Sharp)->write());
        self::assertSame('M10 10L90 10L90 40L10 40Z', Grown::of($rectangle, -10, CornerStyle::Round)->write());
        // The rectangle, a strip along each side, and a quarter of a circle at each corner.
        self::assertEqualsWithDelta(5000 + 3000 + M_PI * 100, (new Polylines(Grown::of($rectangle, 10, CornerStyle::Round)))->area(), 0.5);
        self::assertSame([], Grown::of($rectangle, -25.1, CornerStyle::Sharp)->all);
    }

    public function test_a_circle_has_another_radius_and_a_hole_shrinks_as_its_ring_grows(): void
    {
        $circle = Contours::of(Path::ellipse(new Box(-100, -100, 100, 100)));
        self::assertEqualsWithDelta(M_PI * 120 ** 2, (new Polylines(Grown::of($circle, 20, CornerStyle::Sharp)))->area(), 25);
        $hole = Contours::of(Path::ellipse(new Box(-50, -50, 50, 50)))->all[0]->reversed();
        $ring = new Contours([...$circle->all, $hole]);
        self::assertEqualsWithDelta(M_PI * (110 ** 2 - 40 ** 2), (new Polylines(Grown::of($ring, 10, CornerStyle::Round)))->area(), 25);
        self::assertCount(1, Grown::of($ring, 51, CornerStyle::Round)->all);
        self::assertSame([], Grown::of($ring, -26, CornerStyle::Round)->all);
    }

    public function test_a_curve_of_which_one_handle_lies_on_its_chord_is_still_a_curve(): void
    {
        // Highest at a third of the way, 26.7 above the chord and 25.9 from that end.
        foreach (['M0 0C0 -60 100 0 100 0L100 50L0 50Z' => 25.9, 'M0 0C0 0 100 -60 100 0L100 50L0 50Z' => 74.1] as $data => $x) {
            $grown = new Polylines(Grown::of(Contours::parse($data), 10, CornerStyle::Round));
            self::assertNotSame(0, $grown->winding(new Point($x, -35.5)), $data);
            self::assertSame(0, $grown->winding(new Point($x, -37.5)), $data);
        }
    }

    /** @return array<string, array{string, float}> */
    public static function shapes(): array
    {
        $star = Path::polygon(array_map(
            fn (int $i): Point => new Point(
                ($i % 2 === 0 ? 100 : 40) * sin($i * M_PI / 5), -($i % 2 === 0 ? 100 : 40) * cos($i * M_PI / 5),
            ),
            range(0, 9),
        ))->data();

        return [
            'a star outwards' => [$star, 25.0], 'a star inwards' => [$star, -18.0], 'a heart outwards' => [self::HEART, 30.0],
            'a heart inwards' => [self::HEART, -20.0], 'a heart that falls apart' => [self::HEART, -48.0],
            'one that crosses itself' => ['M0 0C200 100 -100 100 100 0L100 150L0 150Z', 12.0],
        ];
    }

    #[DataProvider('shapes')]
    public function test_every_place_of_the_edge_is_as_far_from_the_edge_before(string $path, float $by): void
    {
        $shape = Contours::parse($path);
        $before = new Polylines($shape);
        $grown = new Polylines(Grown::of($shape, $by, CornerStyle::Round));
        $count = 0;
        foreach ($grown->sides() as $number => [$place]) {
            if ($number % 5 > 0) {
                continue;
            }
            self::assertEqualsWithDelta(abs($by), $before->distance($place), 0.15, "at $place->x, $place->y");
            self::assertSame($by < 0, $before->winding($place) !== 0);
            $count++;
        }
        self::assertGreaterThan(40, $count);
    }

    public function test_corners_that_would_reach_too_far_are_round(): void
    {
        $needle = Contours::parse('M0 0L200 4L0 8Z');
        $grown = Grown::of($needle, 10, CornerStyle::Sharp);
        $far = max(array_map(fn ($knot): float => $knot->at->x, $grown->all[0]->knots));
        self::assertEqualsWithDelta(210, $far, 0.2);
    }
}
