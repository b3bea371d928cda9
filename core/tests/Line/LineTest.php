<?php

namespace Ricamo\Core\Tests\Line;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Ricamo\Core\Cascade\Dice;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Line\BrushForm;
use Ricamo\Core\Path\Contours;
use Ricamo\Core\Path\CurveFit;
use Ricamo\Core\Refusal;
use Ricamo\Core\Tests\Fixture;

/** Outlines that are drawn in part, in dashes, tapered and with brushes. */
final class LineTest extends TestCase
{
    /** A square of 100 px around the origin, clockwise from its top left corner, with an outline of 10 px. */
    private static function square(array $more = []): Composition
    {
        return Fixture::composition([Fixture::bar(['size' => [100, 100], 'fill' => '#00000000', 'outlineWidth' => 10, 'position' => [0, 0], ...$more])]);
    }

    /** @return list<array<string, mixed>> with the data of each path in its place */
    private static function items(Composition $composition, int $frame = 0): array
    {
        $list = Fixture::evaluator()->frame($composition, $frame)->toJson();

        return array_map(fn (array $item): array => [...$item, 'path' => $list['paths'][$item['path']] ?? null], $list['items']);
    }

    /** @return list<array<string, mixed>> */
    private static function rawItems(Composition $composition): array
    {
        return Fixture::evaluator()->frame($composition, 0)->toJson()['items'];
    }

    private static function length(Composition $composition, int $frame = 0): float
    {
        return array_sum(array_map(fn (array $item): float => Contours::parse($item['path'])->length(), self::items($composition, $frame)));
    }

    public function test_half_of_an_outline_is_half_of_its_length(): void
    {
        foreach ([['form' => 'rectangle'], ['form' => 'ellipse', 'size' => [300, 80]], ['form' => 'heart', 'size' => [200, 200]]] as $form) {
            self::assertEqualsWithDelta(0.5 * self::length(self::square($form)), self::length(self::square([...$form, 'drawEnd' => 50])), 0.0005 * self::length(self::square($form)));
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
        $lines = fn (array $more): array => array_map(fn ($contour): float => round($contour->length(), 3), Contours::parse(self::items(self::square([...$two, ...$more]))[0]['path'])->all);
        self::assertSame([50.0, 150.0], $lines([]));
        self::assertSame([100.0, 100.0], $lines(['drawTogether' => false]));
        // Shifted over the end of an open one it goes on from its beginning.
        self::assertSame([25.0, 25.0, 75.0, 75.0], $lines(['drawOffset' => 75]));
        self::assertSame([100.0, 200.0], $lines(['drawTogether' => false, 'drawEnd' => 75]));
    }

    public function test_letters_are_drawn_too(): void
    {
        $words = fn (array $more): Composition => Fixture::composition([Fixture::words(['typeSize' => 100, 'fill' => '#00000000', 'outlineWidth' => 2, ...$more])]);
        // Nine squares of 40 × 50: half of each.
        self::assertEqualsWithDelta(9 * 90 * 10, self::length($words(['drawEnd' => 50])), 1);
        $one = Contours::parse(self::items($words(['drawEnd' => 50, 'drawTogether' => false]))[0]['path']);
        self::assertCount(5, $one->all);
    }

    public function test_dashes_are_in_pixels_and_too_many_of_them_are_none(): void
    {
        self::assertEquals([20, 8, 3], [...self::items(self::square(['dash' => 20, 'gap' => 8, 'dashOffset' => 3]))[0]['dashes'], self::items(self::square(['dash' => 20, 'gap' => 8, 'dashOffset' => 3]))[0]['offset']]);
        self::assertArrayNotHasKey('dashes', self::items(self::square(['dash' => 20]))[0]);
        self::assertArrayNotHasKey('dashes', self::items(self::square(['dash' => 0.01, 'gap' => 0.01]))[0]);
        // Of words in thousandths of an em.
        $words = Fixture::composition([Fixture::words(['typeSize' => 100, 'outlineWidth' => 2, 'dash' => 5, 'gap' => 5])]);
        self::assertEquals([50, 50], self::items($words)[0]['dashes']);
    }

    public function test_a_tapered_line_is_an_area_that_becomes_narrow(): void
    {
        $line = fn (array $more): array => self::items(Fixture::composition([Fixture::bar(['form' => 'line', 'size' => [200, 0], 'outlineWidth' => 20, 'fill' => '#00000000', 'position' => [0, 0], ...$more])]));
        self::assertSame('M-100 0L100 0', $line([])[0]['path']);
        [$area] = $line(['taperBegin' => 50, 'taperEnd' => 25]);
        self::assertSame('fill', $area['op']);
        $points = array_map(fn ($knot): array => [round($knot->at->x, 2), round($knot->at->y, 2)], Contours::parse($area['path'])->all[0]->knots);
        foreach ([[-100.0, 0.0], [0.0, 10.0], [0.0, -10.0], [75.0, 5.0], [-50.0, 5.0]] as $expected) {
            self::assertContains($expected, $points);
        }
    }

    public function test_a_tapered_arc_ends_square_to_its_direction(): void
    {
        [$area] = self::items(Fixture::composition([Fixture::bar(['form' => 'arc', 'size' => [200, 200], 'start' => -90, 'sweep' => 180, 'outlineWidth' => 20, 'fill' => '#00000000', 'position' => [0, 0], 'taperBegin' => 30])]));
        $points = self::points($area['path']);
        self::assertEqualsWithDelta([-100, 0], $points[0], 1e-3);
        foreach ([[110, 0], [90, 0], [0, -110], [0, -90]] as [$x, $y]) {
            self::assertLessThan(0.1, min(array_map(fn (array $one): float => hypot($one[0] - $x, $one[1] - $y), $points)), "$x $y");
        }
    }

    public function test_the_marks_of_brushes_are_as_large_as_they_are_counted(): void
    {
        $first = fn (string $form): array => self::items(self::square(['brush' => ['form' => $form, 'grow' => 0, 'scatterOpacity' => 0.001]]))[0];
        self::assertEquals(new Box(-500, -500, 500, 500), Contours::parse($first('tiles')['path'])->path()->bounds());
        foreach (self::points($first('chalk')['path']) as [$x, $y]) {
            self::assertGreaterThanOrEqual(200, hypot($x, $y));
            self::assertLessThanOrEqual(500, hypot($x, $y));
        }
        self::assertSame([500, 0, 0, 500, 0, 0], $first('airbrush')['gradient']['matrix']);
    }

    /** @return list<array{float, float}> the places of a path's points */
    private static function points(string $path): array
    {
        return array_map(fn ($knot): array => [round($knot->at->x, 3) + 0.0, round($knot->at->y, 3) + 0.0], array_merge(...array_map(fn ($contour): array => $contour->knots, Contours::parse($path)->all)));
    }

    public function test_marks_stand_at_the_ends_of_what_is_drawn_of_a_line(): void
    {
        $line = fn (array $more): array => self::items(Fixture::composition([Fixture::bar(['form' => 'line', 'size' => [200, 0], 'outlineWidth' => 20, 'fill' => '#00000000', 'position' => [0, 0], 'endSize' => 300, ...$more])]));
        // 60 px wide and 54 long; the line goes on a quarter of its width beneath it.
        [$stroke, $head] = $line(['endMark' => 'arrow']);
        self::assertSame([[[-100.0, 0.0], [51.0, 0.0]], [[100.0, 0.0], [46.0, 30.0], [46.0, -30.0]]], [self::points($stroke['path']), self::points($head['path'])]);
        self::assertSame(['stroke', 'fill', 20], [$stroke['op'], $head['op'], $stroke['width']]);
        // Half drawn, its tip is in the middle; and it points back where it stands at the beginning.
        self::assertSame([[0.0, 0.0], [-54.0, 30.0], [-54.0, -30.0]], self::points($line(['endMark' => 'arrow', 'drawEnd' => 50])[1]['path']));
        self::assertSame([[-100.0, 0.0], [-46.0, -30.0], [-46.0, 30.0]], self::points($line(['beginMark' => 'arrow'])[1]['path']));
        // Of 20 px there is only the head, as long as that.
        $short = $line(['endMark' => 'arrow', 'drawEnd' => 10]);
        self::assertCount(1, $short);
        self::assertEqualsWithDelta([[-80, 0], [-100, 20 / 0.9 / 2], [-100, -20 / 0.9 / 2]], self::points($short[0]['path']), 1e-3);
        self::assertSame(self::points($short[0]['path'])[1][0], self::points($line(['endMark' => 'arrow', 'drawBegin' => 90])[0]['path'])[1][0] - 180);
        self::assertSame([], $line(['endMark' => 'arrow', 'drawEnd' => 0]));
        // A bar ends where the line does; a square has its middle there. Both ends are one area.
        self::assertSame([[80.0, -30.0], [100.0, -30.0], [100.0, 30.0], [80.0, 30.0]], self::points($line(['endMark' => 'bar'])[1]['path']));
        self::assertSame([[-70.0, 30.0], [-130.0, 30.0], [-130.0, -30.0], [-70.0, -30.0], [70.0, -30.0], [130.0, -30.0], [130.0, 30.0], [70.0, 30.0]], self::points($line(['beginMark' => 'square', 'endMark' => 'square'])[1]['path']));
        // Tapered, the line is an area as well.
        self::assertSame(['fill', 'fill'], array_column($line(['endMark' => 'dot', 'taperBegin' => 50]), 'op'));
    }

    public function test_each_mark_is_as_large_as_it_says_and_smaller_where_the_line_is_short(): void
    {
        $mark = fn (string $mark, float $drawn): array => self::items(Fixture::composition([Fixture::bar(['form' => 'line', 'size' => [200, 0], 'outlineWidth' => 20, 'fill' => '#00000000', 'position' => [0, 0], 'endSize' => 300, 'endMark' => $mark, 'drawEnd' => $drawn / 2])]));
        // Its sides are as thick as the line: 20 px across each, which meet 20 · √(36² + 30²) / 30 behind the tip.
        $long = hypot(36, 30);
        [$stroke, $barb] = $mark('barb', 200);
        $inner = 20 * $long / 30;
        [$x, $y] = [20 * 30 / $long, 20 * 36 / $long];
        self::assertEqualsWithDelta([[100, 0], [64, 30], [64 - $x, 30 - $y], [100 - $inner, 0], [64 - $x, $y - 30], [64, -30]], self::points($barb['path']), 2e-3);
        self::assertEqualsWithDelta(100 - ($inner + 12) / 2, self::points($stroke['path'])[1][0], 1e-3);
        self::assertEqualsWithDelta([[137.5, 0], [100, 37.5], [62.5, 0], [100, -37.5]], self::points($mark('diamond', 200)[1]['path']), 1e-3);
        // Half as long as they would take up, they are half as large, and all there is.
        foreach (['arrow' => 54, 'barb' => 56, 'dot' => 30, 'square' => 30, 'diamond' => 37.5, 'bar' => 20] as $name => $taken) {
            $short = $mark($name, $taken / 2);
            self::assertCount(1, $short, $name);
            self::assertCount(2, $mark($name, $taken + 1), $name);
            $bounds = Contours::parse($short[0]['path'])->path()->bounds();
            self::assertEqualsWithDelta($name === 'diamond' ? 37.5 : 30, $bounds->height(), 1e-3, $name);
        }
        self::assertEqualsWithDelta(10, Contours::parse($mark('bar', 10)[0]['path'])->path()->bounds()->width(), 1e-3);
    }

    public function test_a_translucent_line_and_its_marks_are_one(): void
    {
        $items = self::rawItems(Fixture::composition([Fixture::bar(['form' => 'line', 'size' => [200, 0], 'outlineWidth' => 20, 'fill' => '#00000000', 'outline' => '#ff000080', 'endMark' => 'dot'])]));
        self::assertSame([['group', 0.502, ['#ff0000', '#ff0000']]], array_map(fn (array $one): array => [$one['op'], round($one['opacity'], 3), array_column($one['items'], 'colour')], $items));
    }

    public function test_a_closed_outline_has_ends_only_while_it_is_drawn(): void
    {
        self::assertCount(1, self::rawItems(self::square(['endMark' => 'arrow'])));
        [, $head] = self::items(self::square(['endMark' => 'arrow', 'endSize' => 200, 'drawEnd' => 37.5]));
        self::assertSame([[50.0, 0.0], [40.0, -18.0], [60.0, -18.0]], self::points($head['path']));
        // Over where it began, and with a brush too.
        $over = self::items(self::square(['endMark' => 'arrow', 'endSize' => 200, 'drawEnd' => 50, 'drawOffset' => 62.5]));
        self::assertSame([0.0, -50.0], self::points($over[1]['path'])[0]);
        $dotted = self::items(self::square(['endMark' => 'arrow', 'endSize' => 200, 'drawEnd' => 37.5, 'brush' => ['form' => 'dotted']]));
        self::assertSame($head['path'], $dotted[count($dotted) - 1]['path']);
        // Once, though leaves have a stem beneath them.
        $leaves = array_column(self::items(self::square(['endMark' => 'arrow', 'endSize' => 200, 'drawEnd' => 37.5, 'brush' => ['form' => 'leaves']])), 'path');
        self::assertCount(1, array_keys($leaves, $head['path'], true));
    }

    public function test_an_arrow_that_slides_in_begins_wholly_out_of_the_picture(): void
    {
        $line = Fixture::composition([Fixture::bar(['form' => 'line', 'in' => 0, 'size' => [200, 0], 'outlineWidth' => 20, 'position' => [500, 500], 'beginMark' => 'square', 'arrive' => ['length' => 20, 'moves' => [['move' => 'slide', 'angle' => 0]]]])]);
        $first = Fixture::evaluator()->frame($line, 0)->toJson();
        foreach ($first['items'] as $item) {
            self::assertGreaterThanOrEqual(1920, $item['matrix'][4] + Contours::parse($first['paths'][$item['path']])->path()->bounds()->left, json_encode($item));
        }
    }

    public function test_a_brush_sets_its_marks_evenly_along_the_line_from_where_it_begins(): void
    {
        $dots = fn (array $brush, array $more = []): array => self::items(self::square(['brush' => ['form' => 'dotted', 'size' => 100, 'spacing' => 200, 'grow' => 0, ...$brush], ...$more]));
        // 400 px by 20: twenty dots of 10 px.
        $items = $dots([]);
        self::assertCount(20, $items);
        self::assertEqualsWithDelta([0.01, 0, 0, 0.01, -50, -50], $items[0]['matrix'], 1e-6);
        self::assertEqualsWithDelta([-30, -50], array_slice($items[1]['matrix'], 4), 1e-4);
        self::assertEqualsWithDelta([-40, -50], array_slice($dots(['phase' => 50])[0]['matrix'], 4), 1e-4);
        // No mark changes its place while more of the line is drawn.
        $half = $dots([], ['drawEnd' => 50]);
        self::assertCount(10, $half);
        self::assertEquals(array_column(array_slice($items, 0, 10), 'matrix'), array_column($half, 'matrix'));
        // They grow behind the head: over 10 % of 400 px the one that is 20 px behind it is half as large.
        $growing = $dots(['grow' => 10], ['drawEnd' => 50]);
        self::assertEqualsWithDelta([0.01, 0.01, 0.005], [hypot(...array_slice($growing[0]['matrix'], 0, 2)), hypot(...array_slice($growing[8]['matrix'], 0, 2)), hypot(...array_slice($growing[9]['matrix'], 0, 2))], 1e-6);
    }

    public function test_marks_that_are_grown_and_alike_are_one_outline_in_the_places_that_each_would_have(): void
    {
        $tiles = fn (array $brush, array $more = []): array => self::items(self::square(['brush' => ['form' => 'tiles', 'size' => 40, 'spacing' => 100, 'grow' => 5, 'scatter' => 30, 'scatterTurn' => 40, ...$brush], ...$more]));
        // 400 px by 4: a hundred tiles, in sheaves of 48; the same tiles one by one where they are not all as opaque.
        $sheaves = $tiles([]);
        self::assertSame([48, 48, 1, 1, 1, 1], array_map(fn (array $item): int => count(Contours::parse($item['path'])->all), $sheaves));
        $singles = $tiles(['scatterOpacity' => 1]);
        self::assertCount(100, $singles);
        $first = Contours::parse($singles[5]['path'])->mapped((new Affine(...$singles[5]['matrix']))->apply(...));
        $joined = new Contours([Contours::parse($sheaves[0]['path'])->all[5]]);
        self::assertEqualsWithDelta($first->path()->coordinates, $joined->path()->coordinates, 0.02);
        // Those that are still growing stand alone, and what is drawn already is the same outline on every frame.
        $half = $tiles([], ['drawEnd' => 80]);
        self::assertSame($sheaves[0]['path'], $half[0]['path']);
        self::assertGreaterThan(5, count($half) - 1);
    }

    public function test_marks_are_scattered_by_as_much_as_is_said(): void
    {
        $dots = fn (array $more): array => self::items(Fixture::composition([Fixture::bar(['form' => 'line', 'size' => [400, 0], 'fill' => '#00000000', 'outlineWidth' => 10, 'outline' => '#000000', 'position' => [0, 0], 'brush' => ['form' => 'dotted', 'size' => 100, 'spacing' => 200, 'grow' => 0, 'seed' => 7, ...$more]])]));
        $plain = $dots(['scatterOpacity' => 0.001]);
        self::assertCount(20, $plain);
        // Three times the line's width at most, either way; each by its own throw.
        foreach ($dots(['scatter' => 300, 'scatterOpacity' => 0.001]) as $number => $dot) {
            self::assertEqualsWithDelta([$plain[$number]['matrix'][4] + 30 * Dice::thrown(7, $number, 'x'), 30 * Dice::thrown(7, $number, 'y')], array_slice($dot['matrix'], 4), 1e-3);
        }
        foreach ($dots(['scatterSize' => 50, 'scatterOpacity' => 0.001]) as $number => $dot) {
            self::assertEqualsWithDelta($plain[$number]['matrix'][0] * (1 + 0.5 * Dice::thrown(7, $number, 'size')), $dot['matrix'][0], 1e-5);
        }
        foreach ($dots(['scatterTurn' => 40, 'scatterOpacity' => 0.001]) as $number => $dot) {
            self::assertEqualsWithDelta(40 * Dice::thrown(7, $number, 'turn'), rad2deg(atan2($dot['matrix'][1], $dot['matrix'][0])), 0.01);
        }
        foreach ($dots(['scatterOpacity' => 80]) as $number => $dot) {
            self::assertEqualsWithDelta(255 * (1 - 0.8 * (0.5 + 0.5 * Dice::thrown(7, $number, 'opacity'))), hexdec(substr($dot['colour'], 7)), 1);
        }
    }

    public function test_marks_grow_at_the_tip_of_what_is_drawn(): void
    {
        // 400 px with a dot every 20, half drawn; over the last 100 px they grow from nothing.
        $dots = self::items(Fixture::composition([Fixture::bar(['form' => 'line', 'size' => [400, 0], 'fill' => '#00000000', 'outlineWidth' => 10, 'position' => [0, 0], 'drawEnd' => 50, 'brush' => ['form' => 'dotted', 'size' => 100, 'spacing' => 200, 'grow' => 25, 'scatterOpacity' => 0.001]])]));
        self::assertEqualsWithDelta([10, 10, 10, 10, 10, 10, 8, 6, 4, 2], array_map(fn (array $one): float => 1000 * $one['matrix'][0], $dots), 1e-3);
    }

    public function test_chance_is_thrown_by_a_seed(): void
    {
        $leaves = fn (int $seed): array => self::items(self::square(['brush' => ['form' => 'leaves', 'scatter' => 100, 'scatterOpacity' => 50, 'seed' => $seed]]));
        self::assertSame($leaves(3), $leaves(3));
        self::assertNotEquals($leaves(3), $leaves(4));
        // A stem, and leaves on both sides of it in turns.
        self::assertSame(['stroke', 'fill'], array_values(array_unique(array_column($leaves(3), 'op'))));
        self::assertCount(2, array_unique(array_column(array_slice($leaves(3), 1), 'path')));
        self::assertGreaterThan(5, count(array_unique(array_column(array_slice($leaves(3), 1), 'colour'))));
    }

    /** @return array<string, array{BrushForm}> */
    public static function brushes(): array
    {
        return array_combine(array_column(BrushForm::cases(), 'value'), array_map(fn (BrushForm $form): array => [$form], BrushForm::cases()));
    }

    /** One of one's own is nothing without what it sets. */
    private static function brush(BrushForm $form): array
    {
        return ['form' => $form->value, ...($form === BrushForm::Own ? ['mark' => 'M0 0L40 0L20 30Z'] : [])];
    }

    #[DataProvider('brushes')]
    public function test_each_brush_draws_something_on_words_and_shapes_in_any_paint(BrushForm $form): void
    {
        $gradients = [['of' => 'outline', 'form' => 'linear']];
        foreach ([self::square(['brush' => self::brush($form), 'gradients' => $gradients]), Fixture::composition([Fixture::words(['outlineWidth' => 4, 'fill' => '#00000000', 'brush' => self::brush($form)])])] as $composition) {
            self::assertGreaterThan(8, count(self::items($composition)));
            self::assertEquals($composition->toJson(), Composition::read(new Node($composition->toJson()))->toJson());
        }
        $set = Fixture::edit(self::square(), 'set-brush', ['layers' => ['bar'], 'brush' => self::brush($form)]);
        self::assertSame($form->defaults()['size'], $set->layer('bar')->number('b1.size', 0));
        $none = Fixture::edit($set, 'set-brush', ['layers' => ['bar'], 'brush' => null]);
        self::assertSame(self::square()->toJson(), $none->toJson());
    }

    public function test_marks_are_as_large_as_the_line_is_wide_there(): void
    {
        $brush = ['form' => 'dotted', 'size' => 100, 'spacing' => 500];
        $line = fn (array $more): array => array_map(fn (array $item): float => 100 * $item['matrix'][0], self::rawItems(Fixture::composition([Fixture::bar(['form' => 'path', 'path' => 'M0 0L400 0', 'fill' => '#00000000', 'outlineWidth' => 10, 'position' => [0, 0], 'brush' => $brush, ...$more])])));
        $even = $line([]);
        self::assertCount(8, $even);
        // Every 50 px of 400: half as wide at its ends, as a hand pressed, and over the first half narrow at first.
        self::assertEqualsWithDelta(array_map(fn (int $number): float => $even[$number] * (1 - abs(1 - $number / 4) / 2), range(0, 7)), $line(['widths' => [50, 100, 50]]), 1e-6);
        self::assertEqualsWithDelta(array_map(fn (int $number): float => $even[$number] * min(1, $number / 4), range(1, 7)), $line(['taperBegin' => 50]), 1e-6);
    }

    public function test_any_shape_is_set_along_a_line_as_large_as_the_brush(): void
    {
        $composition = Fixture::composition([
            Fixture::bar(['size' => [100, 100], 'fill' => '#00000000', 'outlineWidth' => 10, 'position' => [0, 0]]),
            Fixture::bar(['id' => 'like', 'form' => 'star', 'size' => [300, 600], 'rounding' => 10, 'position' => [900, 500]]),
        ]);
        $set = Fixture::edit($composition, 'set-brush', ['layers' => ['bar'], 'brush' => ['form' => 'own', 'from' => 'like', 'size' => 200, 'spacing' => 250]]);
        $json = $set->layer('bar')->toJson()['brush'];
        self::assertSame('own', $json['form']);
        self::assertArrayNotHasKey('from', $json);
        self::assertEquals($set->toJson(), Composition::read(new Node($set->toJson()))->toJson());
        // Every 50 px of 400; 20 px high where the line goes to the right, its middle on the line.
        $items = array_slice(self::items($set), 0, 8);
        $bounds = Contours::parse($items[1]['path'])->mapped(self::matrix($items[1])->apply(...))->path()->bounds();
        self::assertEqualsWithDelta([0, -50, 20], [$bounds->centre()->x, $bounds->centre()->y, $bounds->height()], 0.6);
        $this->expectExceptionMessage('neither a shape nor a picture');
        Fixture::edit(Fixture::composition([...$composition->toJson()['layers'], Fixture::words()]), 'set-brush', ['layers' => ['bar'], 'brush' => ['form' => 'own', 'from' => 'words']]);
    }

    public function test_a_picture_is_set_along_a_line_and_counts_as_what_the_layer_uses(): void
    {
        $composition = Fixture::composition([Fixture::clip(), Fixture::bar(['size' => [100, 100], 'fill' => '#00000000', 'outlineWidth' => 10, 'position' => [0, 0]])]);
        $set = Fixture::edit($composition, 'set-brush', ['layers' => ['bar'], 'brush' => ['form' => 'own', 'from' => 'clip', 'size' => 200, 'spacing' => 250, 'scatterOpacity' => 100]]);
        $items = array_values(array_filter(self::rawItems($set), fn (array $item): bool => $item['op'] === 'image' && $item['opacity'] < 1));
        self::assertCount(8, $items);
        // The longer side of 1920 × 1080 px is 20 px long; the clip plays on.
        self::assertEqualsWithDelta(20 / 1920, hypot($items[1]['matrix'][0], $items[1]['matrix'][1]), 1e-6);
        self::assertSame(['brush' => 'm1'], $set->layer('bar')->media());
        self::assertSame('m2', $set->layer('bar')->usingMedia(['m1' => 'm2'])->brush?->media);
        foreach ([['form' => 'own'], ['form' => 'own', 'mark' => 'M0 0L9 9', 'media' => 'm1'], ['form' => 'own', 'mark' => 'M0 0'], ['form' => 'own', 'mark' => 'nonsense']] as $wrong) {
            try {
                self::square(['brush' => $wrong]);
                self::fail('not refused: '.json_encode($wrong));
            } catch (Refusal $refusal) {
                self::assertStringContainsString('brush', $refusal->getMessage());
            }
        }
    }

    /** @param  array<string, mixed>  $item */
    private static function matrix(array $item): Affine
    {
        return new Affine(...$item['matrix']);
    }

    public function test_there_is_an_end_to_how_many_marks_there_are(): void
    {
        $composition = self::square(['size' => [90_000, 90_000], 'brush' => ['form' => 'dotted', 'size' => 1, 'spacing' => 1]]);
        self::assertLessThanOrEqual(5001, count(self::items($composition)));
        $this->expectException(Refusal::class);
        Fixture::composition([Fixture::clip(['brush' => ['form' => 'dotted']])]);
    }

    public function test_more_outlines_lie_outside_of_the_edge_beneath_all_or_inside_over_it(): void
    {
        $outlines = [['id' => 'o1', 'colour' => '#ff0000', 'width' => 12], ['id' => 'o2', 'side' => 'inside', 'join' => 'miter', 'colour' => '#0000ff', 'width' => 3, 'opacity' => 50], ['id' => 'o3', 'side' => 'centre', 'width' => 5], ['id' => 'o4', 'on' => false]];
        $square = self::square(['fill' => '#00ff0080', 'outlines' => $outlines]);
        $items = self::rawItems($square);
        self::assertSame(['group', 'stroke', 'fill', 'stroke', 'group'], array_column($items, 'op'));
        // Twice as wide as it is seen, of which the half on the other side of the edge is cut off.
        self::assertEquals([24, '#ff0000', 'subtract', 'round'], [$items[0]['items'][0]['width'], $items[0]['items'][0]['colour'], $items[0]['masks'][0]['mode'], $items[0]['items'][0]['join']]);
        self::assertEquals([6, '#0000ff80', 'miter'], [$items[4]['items'][0]['width'], $items[4]['items'][0]['colour'], $items[4]['items'][0]['join']]);
        self::assertSame('fill', $items[4]['masks'][0]['items'][0]['op']);
        self::assertEquals(5, $items[1]['width']);
        self::assertEquals($square->toJson(), Composition::read(new Node($square->toJson()))->toJson());
        $words = Fixture::composition([Fixture::words(['typeSize' => 100, 'outlines' => [['id' => 'o1', 'width' => 4]]])]);
        self::assertEquals([80, 'fill'], [self::rawItems($words)[0]['items'][0]['width'], self::rawItems($words)[1]['op']]);
        $set = Fixture::edit(self::square(), 'set-outlines', ['layers' => ['bar'], 'outlines' => [['id' => 'o7']]]);
        self::assertSame(8.0, $set->layer('bar')->number('o7.width', 0));
        $this->expectExceptionMessage('has no outline');
        Fixture::edit(Fixture::composition([Fixture::clip()]), 'set-outlines', ['layers' => ['clip'], 'outlines' => [['id' => 'o7']]]);
    }

    public function test_more_fills_lie_beneath_all_or_over_the_fill_and_may_be_shifted(): void
    {
        $square = self::square(['fill' => '#00ff00', 'outlineWidth' => 0, 'outlines' => [
            ['id' => 'o1', 'side' => 'beneath', 'width' => 6, 'colour' => '#102030', 'shift' => [12, 8]],
            ['id' => 'o2', 'side' => 'over', 'width' => 0, 'colour' => '#ffffff', 'opacity' => 25],
            ['id' => 'o3', 'side' => 'beneath', 'width' => 0, 'colour' => '#c0392b'],
        ]]);
        $items = self::rawItems($square);
        self::assertSame([['stroke', '#102030'], ['fill', '#102030'], ['fill', '#c0392b'], ['fill', '#00ff00'], ['fill', '#ffffff40']], array_map(fn (array $one): array => [$one['op'], $one['colour']], $items));
        self::assertEquals([12, 12, 8], [$items[0]['width'], ...array_slice($items[0]['matrix'], 4)]);
        self::assertEquals($square->toJson(), Composition::read(new Node($square->toJson()))->toJson());
        // All letters of one lie beneath all letters of the next.
        $words = Fixture::composition([Fixture::words(['text' => 'Hi', 'typeSize' => 100, 'fill' => '#00ff00', 'cascades' => [['id' => 'c1', 'as' => 'arrive', 'units' => 'letters', 'length' => 90, 'position' => [0, 5], 'opacity' => 100]], 'outlines' => [
            ['id' => 'o1', 'side' => 'beneath', 'width' => 0, 'colour' => '#111111', 'shift' => [10, 0]], ['id' => 'o2', 'side' => 'beneath', 'width' => 0, 'colour' => '#222222'],
        ]])]);
        $fills = self::rawItems($words);
        self::assertSame(['#111111', '#111111', '#222222', '#222222', '#00ff00', '#00ff00'], array_column($fills, 'colour'));
        self::assertEqualsWithDelta(10, $fills[0]['matrix'][4] - $fills[4]['matrix'][4], 1e-6);
    }

    public function test_each_of_more_outlines_has_a_paint_of_its_own(): void
    {
        $square = self::square(['fill' => '#00ff00', 'outlineWidth' => 0, 'outlines' => [['id' => 'o1', 'side' => 'centre', 'width' => 6, 'colour' => '#c0392b'], ['id' => 'o2', 'side' => 'beneath', 'opacity' => 50]]]);
        $painted = Fixture::edit($square, 'set-gradient', ['layers' => ['bar'], 'of' => 'o1', 'form' => 'linear']);
        self::assertSame('#c0392b', $painted->layer('bar')->colour('go1.colour1', 0)->__toString());
        $items = self::rawItems($painted);
        self::assertSame('#c0392b', $items[0]['gradient']['stops'][0][1]);
        // Of the other one it is a picture, half seen, that is cut out of where the fill would be.
        $painted = Fixture::edit($painted, 'set-gradient', ['layers' => ['bar'], 'of' => 'o2', 'form' => 'picture', 'media' => 'm1']);
        $items = self::rawItems($painted);
        self::assertEquals(['group', 0.5], [$items[1]['op'], $items[1]['opacity']]);
        self::assertStringContainsString('"media":"m1"', (string) json_encode($items[1]));
        self::assertEquals($painted->toJson(), Composition::read(new Node($painted->toJson()))->toJson());
        // What is taken away takes its paint along.
        $fewer = Fixture::edit($painted, 'set-outlines', ['layers' => ['bar'], 'outlines' => [['id' => 'o2']]]);
        self::assertSame(['o2'], array_map(fn ($one): string => $one->of->name, $fewer->layer('bar')->gradients));
        self::assertArrayNotHasKey('go1.colour1', $fewer->layer('bar')->properties);
        $this->expectExceptionMessage('there is no outline o9');
        self::square(['gradients' => [['of' => 'o9', 'form' => 'linear']]]);
    }

    public function test_a_curve_is_fitted_to_what_was_drawn(): void
    {
        // A hand that trembles by 1 px along a wave.
        $points = array_map(fn (int $step): Point => new Point(3 * $step, 80 * sin($step / 25) + ($step % 2 === 0 ? 1 : -1)), range(0, 200));
        $line = CurveFit::through($points, 3);
        self::assertNotNull($line);
        self::assertLessThan(14, count($line->knots));
        self::assertEquals([$points[0], $points[200]], [$line->knots[0]->at, $line->knots[count($line->knots) - 1]->at]);
        $places = array_merge(...array_map(fn ($segment): array => array_map(fn (int $t): Point => $segment->at($t / 200), range(0, 200)), $line->segments()));
        foreach ($points as $point) {
            self::assertLessThan(3.1, min(array_map(fn (Point $place): float => hypot($place->x - $point->x, $place->y - $point->y), $places)));
        }
        // Smooth where curves meet.
        self::assertTrue($line->knots[1]->isSmooth());
        self::assertCount(2, CurveFit::through([new Point(0, 0), new Point(100, 0)], 1)->knots ?? []);
        self::assertNull(CurveFit::through([new Point(1, 1), new Point(1, 1)], 1));
    }
}
