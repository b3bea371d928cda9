<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Kind;

use PHPUnit\Framework\TestCase;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Kind\Shape\Formed;
use Ricamo\Core\Kind\Shape\FormPaths;
use Ricamo\Core\Kind\Shape\ShapeForm;
use Ricamo\Core\Path\Contours;
use Ricamo\Core\Path\Knot;
use Ricamo\Core\Tests\Fixture;

/** The outlines of forms in a box of 200 × 100 around the origin, against where their points must be. */
final class FormsTest extends TestCase
{
    private static function outline(string $form, array $more = []): Contours
    {
        $composition = Fixture::composition([Fixture::bar([
            'form' => $form, 'size' => [200, 100], 'position' => [0, 0], 'outlineWidth' => 2, ...$more,
        ])]);
        $paths = Fixture::evaluator()->frame($composition, 0)->toJson()['paths'];

        return Contours::parse((string) reset($paths));
    }

    /** @return list<array{float, float}> */
    private static function points(Contours $path, int $contour = 0): array
    {
        return array_map(
            fn (Knot $knot): array => [round($knot->at->x, 2) + 0.0, round($knot->at->y, 2) + 0.0],
            $path->all[$contour]->knots,
        );
    }

    public function test_polygons_and_stars_stand_on_the_ellipse_in_their_box(): void
    {
        self::assertSame([[0.0, -50.0], [86.6, 25.0], [-86.6, 25.0]], self::points(self::outline('polygon', ['sides' => 3])));
        self::assertSame(
            [[100.0, 0.0], [0.0, 50.0], [-100.0, 0.0], [0.0, -50.0]],
            self::points(self::outline('polygon', ['sides' => 4, 'start' => 90])),
        );
        $star = self::points(self::outline('star', ['sides' => 4, 'inner' => 50]));
        self::assertSame([[0.0, -50.0], [35.36, -17.68], [100.0, 0.0]], array_slice($star, 0, 3));
        self::assertCount(8, $star);
    }

    public function test_arcs_and_ring_sectors_go_round_clockwise_from_their_start(): void
    {
        $arc = self::outline('arc', ['start' => 0, 'sweep' => 90]);
        self::assertFalse($arc->all[0]->closed);
        $points = self::points($arc);
        self::assertSame([[0.0, -50.0], [100.0, 0.0]], [$points[0], $points[count($points) - 1]]);
        self::assertContains([70.71, -35.36], $points);
        self::assertSame([-100.0, 0.0], array_slice(self::points(self::outline('arc', ['sweep' => -90])), -1)[0]);
        self::assertTrue(self::outline('arc', ['sweep' => 360])->all[0]->closed);
        $ring = self::outline('ring', ['inner' => 50, 'start' => 90, 'sweep' => 180, 'size' => [200, 200]]);
        self::assertTrue($ring->all[0]->closed);
        // Half of a ring from 50 to 100 px.
        self::assertEqualsWithDelta(M_PI * 100 + M_PI * 50 + 100, $ring->length(), 0.1);
        $whole = self::outline('ring', ['inner' => 50, 'sweep' => 360]);
        self::assertCount(2, $whole->all);
        self::assertLessThan(0, $whole->all[0]->winding() * $whole->all[1]->winding());
        self::assertContains([0.0, 0.0], self::points(self::outline('ring', ['inner' => 0, 'sweep' => 90])));
    }

    public function test_lines_arrows_and_speech_plates(): void
    {
        self::assertSame('M-100 0L100 0', self::outline('line')->write());
        self::assertSame('M-100 0L100 0', self::outline('line', ['size' => [200, 0]])->write());
        // The head is 0.8 of 100 px long, the shaft half as thick as it is high.
        self::assertSame(
            [[-100.0, -25.0], [20.0, -25.0], [20.0, -50.0], [100.0, 0.0], [20.0, 50.0], [20.0, 25.0], [-100.0, 25.0]],
            self::points(self::outline('arrow')),
        );
        // Its tail leaves the side that it points beyond, 30 px wide.
        foreach ([
            [[40, 130], [[55.0, 50.0], [40.0, 130.0], [25.0, 50.0]]],
            [[-160, 10], [[-100.0, 25.0], [-160.0, 10.0], [-100.0, -5.0]]],
            [[190, 0], [[100.0, -15.0], [190.0, 0.0], [100.0, 15.0]]],
            [[0, -90], [[-15.0, -50.0], [0.0, -90.0], [15.0, -50.0]]],
        ] as [$tail, $foot]) {
            $points = self::points(self::outline('speech', ['tail' => $tail]));
            foreach ($foot as $point) {
                self::assertContains($point, $points, json_encode($tail).' '.json_encode($points));
            }
            self::assertCount(7, $points);
            self::assertGreaterThan(0, self::outline('speech', ['tail' => $tail])->all[0]->winding());
        }
        self::assertCount(4, self::points(self::outline('speech', ['tail' => [10, 10]])));
    }

    public function test_corners_of_any_form_are_rounded_by_arcs(): void
    {
        // A right angle by 20 px: the arc begins 20 px before the corner.
        $square = self::outline('path', ['path' => 'M0 0L100 0L100 100L0 100Z', 'rounding' => 20]);
        self::assertSame([[0.0, 20.0], [20.0, 0.0], [80.0, 0.0], [100.0, 20.0]], array_slice(self::points($square), 0, 4));
        self::assertEqualsWithDelta(4 * 60 + 2 * M_PI * 20, $square->length(), 0.05);
        // As round as its sides are long: a circle.
        self::assertEqualsWithDelta(
            2 * M_PI * 50, self::outline('path', ['path' => 'M0 0L100 0L100 100L0 100Z', 'rounding' => 900])->length(), 0.1,
        );
        // Each corner of a rectangle by its own radius, where it has one.
        $tab = self::outline('rectangle', ['rounding' => 10, 'roundTopLeft' => 40, 'roundBottomRight' => 0]);
        self::assertSame(
            [[-100.0, -10.0], [-60.0, -50.0], [90.0, -50.0], [100.0, -40.0], [100.0, 50.0], [-90.0, 50.0], [-100.0, 40.0]],
            self::points($tab),
        );
        // Curves stay, and so do the ends of open lines.
        self::assertSame(
            'M0 0C30 0 70 40 100 40L100 100',
            self::outline('path', ['path' => 'M0 0C30 0 70 40 100 40L100 100', 'rounding' => 20])->write(),
        );
        self::assertSame(
            [[0.0, 0.0], [80.0, 0.0], [100.0, 20.0], [100.0, 90.0]],
            self::points(self::outline('path', ['path' => 'M0 0L100 0L100 90', 'rounding' => 20])),
        );
        self::assertCount(20, self::points(self::outline('star', ['rounding' => 4])));
    }

    /** Half of the shorter side is a pill, at whatever size it has come to. */
    public function test_a_share_of_the_shorter_side_stays_a_pill_while_the_size_changes(): void
    {
        $size = Fixture::keyframes([0, [100, 100], 'linear'], [20, [700, 60]]);
        $composition = Fixture::composition([
            Fixture::bar(['rounding' => '50%', 'size' => $size]),
            Fixture::bar(['id' => 'px', 'rounding' => 50, 'size' => $size]),
        ]);
        $length = fn (string $id, int $frame): float => Contours::of(FormPaths::of(Formed::of(
            ShapeForm::Rectangle, $composition->layer($id), $frame,
        )))->length();
        foreach ([0 => [100, 100], 5 => [250, 90], 10 => [400, 80], 20 => [700, 60]] as $frame => [$width, $height]) {
            self::assertEqualsWithDelta(2 * ($width - $height) + M_PI * $height, $length('bar', $frame), 0.05, "frame $frame");
        }
        // From square corners to round ones by keyframes of either unit; grown beyond a hundred, pixels are a pill no more.
        $rounded = Fixture::bar(['size' => [200, 80], 'rounding' => Fixture::keyframes([0, 0, 'linear'], [10, '50%'])]);
        $layer = Fixture::composition([$rounded])->layer('bar');
        self::assertSame([0.0, 20.0, 40.0], array_map(fn (int $frame): float => $layer->length('rounding', $frame, 80), [0, 5, 10]));
        self::assertEquals(
            [Fixture::keyframes([0, 0, 'linear'], [10, '50%'])],
            [Fixture::json(Fixture::composition([$rounded]), 'bar')['rounding']],
        );
    }

    public function test_a_window_takes_any_form(): void
    {
        $heart = Fixture::composition([Fixture::bar([
            'kind' => 'window', 'form' => 'heart', 'media' => 'm1', 'size' => [200, 200], 'position' => [500, 500],
        ])]);
        $list = Fixture::evaluator()->frame($heart, 0)->toJson();
        self::assertStringStartsWith('M500 454C', $list['paths'][$list['items'][0]['clip']]);
        self::assertEquals(new Point(500, 600), Contours::parse($list['paths'][$list['items'][0]['clip']])->all[0]->knots[3]->at);
    }

    public function test_a_shape_is_repeated_in_rows_and_columns_each_a_step_further(): void
    {
        $items = fn (array $more, int $frame = 0): array => Fixture::evaluator()->frame(
            Fixture::composition([Fixture::bar(['size' => [100, 50], 'position' => [500, 300], ...$more])]), $frame,
        )->toJson()['items'];
        $grid = $items(['columns' => 3, 'rows' => 2, 'gaps' => [20, 10], 'lastFill' => '#c9973f', 'stepTurn' => 10]);
        self::assertCount(6, $grid);
        // 120 px apart, the middle of all at the layer's.
        self::assertEqualsWithDelta([380, 270], array_slice($grid[0]['matrix'], 4), 1e-6);
        self::assertEqualsWithDelta([620, 330], array_slice($grid[5]['matrix'], 4), 1e-6);
        self::assertEqualsWithDelta([cos(deg2rad(50)), sin(deg2rad(50))], array_slice($grid[5]['matrix'], 0, 2), 1e-5);
        self::assertSame(['#2f5d50', '#c9973f'], [$grid[0]['colour'], $grid[5]['colour']]);
        $edges = $items(['columns' => 3, 'fill' => '#00000000', 'outlineWidth' => 4, 'outline' => '#000000', 'lastOutline' => '#ffffff']);
        self::assertSame(
            [['stroke', '#000000'], ['stroke', '#808080'], ['stroke', '#ffffff']],
            array_map(fn (array $one): array => [$one['op'], $one['colour']], $edges),
        );
        // A stair goes down by so much for each; around a ring the same leads inwards, as a spiral does.
        $stair = $items(['columns' => 3, 'gaps' => [20, 0], 'stepShift' => [5, 30]]);
        self::assertEqualsWithDelta(
            [[380, 300], [505, 330], [630, 360]],
            array_map(fn (array $one): array => array_slice($one['matrix'], 4), $stair), 1e-6,
        );
        $spiral = $items(['around' => 4, 'ringRadius' => 200, 'stepShift' => [0, 50]]);
        self::assertEqualsWithDelta(
            [[500, 100], [650, 300], [500, 400], [450, 300]],
            array_map(fn (array $one): array => array_slice($one['matrix'], 4), $spiral), 1e-6,
        );
        // Around a ring each has its upper side outwards, and is smaller than the one before.
        $ring = $items(['around' => 4, 'ringRadius' => 200, 'stepScale' => 50]);
        self::assertEqualsWithDelta(
            [[500, 100], [700, 300], [500, 500], [300, 300]],
            array_map(fn (array $one): array => array_slice($one['matrix'], 4), $ring), 1e-6,
        );
        self::assertEqualsWithDelta([0, 0.5, -0.5, 0], array_slice($ring[1]['matrix'], 0, 4), 1e-6);
        self::assertLessThanOrEqual(2000, count($items(['columns' => 500, 'rows' => 500])));
        // One is the shape itself, and its box is around all of them.
        self::assertEquals($items([]), $items(['columns' => 1]));
        $composition = Fixture::composition([Fixture::bar(['size' => [100, 50], 'columns' => 3, 'gaps' => [20, 0]])]);
        self::assertEquals([-170, -25, 170, 25], Fixture::evaluator()->pose($composition->layer('bar'), $composition, 0)->box->toJson());
        // They are units of a cascade.
        $cascade = ['cascades' => [[
            'id' => 'c1', 'as' => 'arrive', 'units' => 'repeats', 'length' => 30, 'overlap' => 0, 'position' => [0, 40],
        ]]];
        self::assertCount(2, $items(['columns' => 3, ...$cascade], 15));
        self::assertEquals($items(['columns' => 3]), $items(['columns' => 3, ...$cascade], 30));
    }

    public function test_a_shape_is_repeated_along_a_path(): void
    {
        $items = fn (array $more): array => Fixture::evaluator()->frame(
            Fixture::composition([Fixture::bar(['size' => [20, 10], 'position' => [500, 300], ...$more])]), 0,
        )->toJson()['items'];
        $places = fn (array $more): array => array_map(fn (array $one): array => array_slice($one['matrix'], 4), $items($more));
        // Both ends of an open one, and every 100 px between them; on its second leg they go down.
        $open = ['along' => 'M0 0L200 0L200 100', 'alongCount' => 4];
        self::assertEqualsWithDelta([[500, 300], [600, 300], [700, 300], [700, 400]], $places($open), 1e-4);
        self::assertEqualsWithDelta([0, 1, -1, 0], array_slice($items($open)[3]['matrix'], 0, 4), 1e-6);
        self::assertEqualsWithDelta(
            [cos(M_PI / 4), sin(M_PI / 4)], array_slice($items([...$open, 'alongTurn' => 50])[3]['matrix'], 0, 2), 1e-6,
        );
        // Shifted by half, what goes out at the end comes in at the beginning.
        self::assertEqualsWithDelta([[650, 300], [700, 350], [550, 300], [650, 300]], $places([...$open, 'alongShift' => 50]), 1e-4);
        // All the way round a closed one.
        $closed = ['along' => 'M0 0L100 0L100 100L0 100Z', 'alongCount' => 8, 'alongTurn' => 0];
        self::assertEqualsWithDelta(
            [[500, 300], [550, 300], [600, 300], [600, 350], [600, 400], [550, 400], [500, 400], [500, 350]],
            $places($closed), 1e-4,
        );
        self::assertEqualsWithDelta(
            [[475, 300]], array_slice($places([...$closed, 'along' => 'M-25 0L0 0', 'alongCount' => 1]), 0, 1), 1e-4,
        );
        // Nothing that has no length is gone along, and as many as can be are enough.
        self::assertCount(1, $items(['along' => 'M5 5']));
        self::assertCount(1, $items(['along' => '']));
        $composition = Fixture::composition([Fixture::bar(['size' => [20, 10], ...$open, 'alongCount' => 2])]);
        self::assertEqualsWithDelta(
            [-10, -5, 205, 110], Fixture::evaluator()->pose($composition->layer('bar'), $composition, 0)->box->toJson(),
            1e-4,
        );
        self::assertSame(
            ['along'],
            array_column(\Ricamo\Core\Handle\PathPlaces::of($composition->layer('bar'), $composition, 0, Fixture::media()), 'property'),
        );
    }

    public function test_each_form_says_what_it_is_made_of(): void
    {
        foreach (ShapeForm::cases() as $form) {
            $known = array_keys(Fixture::composition([Fixture::bar()])->layer('bar')->definitions());
            self::assertSame([], array_diff($form->settings(), $known), $form->value);
            self::assertNotSame('', $form->title());
        }
    }
}
