<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Cascade;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Ricamo\Core\Cascade\Cascades;
use Ricamo\Core\Cascade\Dice;
use Ricamo\Core\Cascade\Order;
use Ricamo\Core\Cascade\ReadyCascade;
use Ricamo\Core\Cascade\Role;
use Ricamo\Core\Cascade\Timing;
use Ricamo\Core\Cascade\UnitChange;
use Ricamo\Core\Colour\Colour;
use Ricamo\Core\Display\Fill;
use Ricamo\Core\Display\Operation;
use Ricamo\Core\Display\Outline;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Edit\Edits;
use Ricamo\Core\Evaluate\Inspection;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Path;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Kind\LayerCascades;
use Ricamo\Core\Refusal;
use Ricamo\Core\Tests\Fixture;
use Ricamo\Core\Time\FrameRate;

/**
 * “Depot Nine” at 100 px begins at (100, 500): letters are 50 px apart, squares of 40 px that stand on the baseline; a line is
 * 80 px above it to 20 px below.
 */
final class CascadeTest extends TestCase
{
    /** @param  array<string, mixed>  ...$cascades */
    private static function words(array ...$cascades): Composition
    {
        $cascades = array_map(
            fn (array $one, int $index): array => [
                'id' => 'c'.($index + 1),
                ...(isset($one['mirrors']) ? [] : ['units' => 'letters', 'as' => 'arrive', 'length' => 20, 'easing' => 'linear']),
                ...$one,
            ],
            $cascades, array_keys($cascades),
        );

        return Fixture::composition([Fixture::words(['typeSize' => 100, 'position' => [100, 500], 'cascades' => $cascades])]);
    }

    /** @return list<array<string, mixed>> */
    private static function items(Composition $composition, int $frame): array
    {
        return Fixture::evaluator()->frame($composition, $frame)->toJson()['items'];
    }

    /** @return list<?int> the alpha that each letter is drawn with, in order; those that are clear are left out */
    private static function alphas(Composition $composition, int $frame): array
    {
        return array_map(
            fn (array $item): int => strlen($item['colour']) === 9 ? (int) hexdec(substr($item['colour'], 7)) : 255,
            self::items($composition, $frame),
        );
    }

    public function test_letters_come_one_after_another_and_together_make_the_words_at_rest(): void
    {
        // Nine letters without the space; one after another, 20 / 9 frames each.
        $composition = self::words(['length' => 90, 'overlap' => 0]);
        self::assertSame([], self::items($composition, 0));
        self::assertSame([255, 128], self::alphas($composition, 15));
        self::assertSame(array_fill(0, 8, 255), self::alphas($composition, 80));
        // From its last frame on it is the line as it is without.
        $plain = self::words();
        foreach ([90, 91, 99] as $frame) {
            self::assertSame(self::items($plain, $frame), self::items($composition, $frame));
        }
        // The letters are the parts of that line, in their places.
        $line = Fixture::evaluator()->frame($plain, 95)->toJson();
        $letters = Fixture::evaluator()->frame(self::words(['length' => 90, 'opacity' => 100]), 3)->toJson();
        self::assertSame(
            $line['paths'][$line['items'][0]['path']],
            implode('', array_map(fn (array $item): string => $letters['paths'][$item['path']], $letters['items'])),
        );
        self::assertSame(array_fill(0, 9, $line['items'][0]['matrix']), array_column($letters['items'], 'matrix'));
    }

    public function test_letters_come_lighter_each_in_its_place(): void
    {
        $composition = self::words(['length' => 90, 'overlap' => 0, 'opacity' => 100, 'weight' => -200]);
        $list = Fixture::evaluator()->frame($composition, 15)->toJson();
        $bounds = array_map(
            fn (array $item): array => \Ricamo\Core\Path\Contours::parse($list['paths'][$item['path']])->path()->bounds()->toJson(),
            $list['items'],
        );
        // The first rests, the second is half on its way, the third has not begun: 400, 300 and 200 wide, their middles 500 apart.
        $drawn = array_map(
            fn (array $box, array $item): array => [
                $box[2] - $box[0], ($item['matrix'][4] - 100) / $item['matrix'][0] + ($box[0] + $box[2]) / 2,
            ],
            $bounds, $list['items'],
        );
        self::assertEqualsWithDelta([[400, 200], [300, 700], [200, 1200]], array_slice($drawn, 0, 3), 0.6);
        self::assertSame(self::items(self::words(), 95), self::items($composition, 95));
        // It counts from the layer's own weight, and by how much as two of them say together.
        $heavy = Fixture::composition([Fixture::words([
            'typeSize' => 100, 'axisWeight' => 600,
            'cascades' => array_map(
                fn (int $id): array => [
                    'id' => "c$id", 'as' => 'arrive', 'units' => 'letters', 'length' => 20, 'overlap' => 100,
                    'easing' => 'linear', 'opacity' => 100, 'weight' => 100,
                ],
                [1, 2],
            ),
        ])]);
        $list = Fixture::evaluator()->frame($heavy, 10)->toJson();
        $box = \Ricamo\Core\Path\Contours::parse($list['paths'][$list['items'][0]['path']])->path()->bounds();
        self::assertEqualsWithDelta(700, $box?->width(), 5);
    }

    public function test_the_inner_end_of_a_cascade_is_pulled(): void
    {
        $composition = self::words([], ['as' => 'leave', 'length' => 30], ['mirrors' => 'c1']);
        $lengths = fn (string $cascade, int $by): array => array_map(
            fn ($one): int => $one->mirrors === null ? $one->length : 0,
            Fixture::edit(
                $composition, 'pull-cascade', ['layer' => 'words', 'cascade' => $cascade, 'by' => $by],
            )->layer('words')->attached->cascades,
        );
        self::assertSame([25, 30, 0], $lengths('c1', 5));
        self::assertSame([20, 25, 0], $lengths('c2', 5));
        self::assertSame([15, 30, 0], $lengths('c3', 5));
        self::assertSame([1, 30, 0], $lengths('c1', -50));
        $this->expectExceptionMessage('has no cascade "c9"');
        $lengths('c9', 1);
    }

    public function test_two_of_length_pace_and_overlap_give_the_third(): void
    {
        self::assertEqualsWithDelta(20 / (1 + 8 * 0.4), Timing::each(20, 0.6, 9), 1e-9);
        self::assertEqualsWithDelta(20, Timing::whole(Timing::each(20, 0.6, 9), 0.6, 9), 1e-9);
        $paced = Fixture::edit(self::words(['overlap' => 50]), 'pace-cascade', ['layer' => 'words', 'cascade' => 'c1', 'each' => 8]);
        // 8 · (1 + 8 · 0.5)
        self::assertSame(40, $paced->layer('words')->attached->cascades[0]->length);
        self::assertSame(
            'pace of cascade',
            Edits::read(new Node(['edit' => 'pace-cascade', 'args' => ['layer' => 'w', 'cascade' => 'c1', 'each' => 8]]))->title(),
        );
    }

    public function test_spaces_take_a_turn_where_they_are_counted(): void
    {
        $alphas = fn (bool $spaces, int $frame): array => self::alphas(
            self::words(['length' => 90, 'overlap' => 0, 'spaces' => $spaces]), $frame,
        );
        // Ten turns of nine frames with it: at frame 50 the fifth letter is there and the space has its turn.
        self::assertSame(array_fill(0, 5, 255), $alphas(true, 50));
        self::assertSame(array_fill(0, 5, 255), $alphas(false, 50));
        self::assertCount(6, $alphas(false, 53));
        self::assertCount(5, $alphas(true, 53));
    }

    public function test_a_unit_is_moved_scaled_and_turned_about_its_own_pivot(): void
    {
        $composition = self::words([
            'length' => 10, 'overlap' => 100, 'opacity' => 100, 'position' => [30, -40], 'scale' => [50, 50], 'turn' => 90,
            'pivot' => [100, 100],
        ]);
        // Half way: 75 %, 45°, moved by (15, −20). The second letter's box ends at (100 + 100, 500 + 20): that corner only moves.
        [$a, $b, $c, $d, $e, $f] = self::items($composition, 5)[1]['matrix'];
        $cos = 0.1 * 0.75 * cos(M_PI / 4);
        self::assertEqualsWithDelta([$cos, $cos, -$cos, $cos], [$a, $b, $c, $d], 1e-5);
        self::assertEqualsWithDelta([200 + 15, 520 - 20], [$a * 1000 + $c * 200 + $e, $b * 1000 + $d * 200 + $f], 0.01);
    }

    public function test_what_is_thrown_is_as_far_as_the_dice_say_of_what_is_set(): void
    {
        // All of it away on the first frame: the matrix of each letter is its place, its turn and its scale, of outlines of
        // 1,000 units an em.
        $thrown = fn (array $fields): array => array_column(
            self::items(self::words(['length' => 90, 'opacity' => 100, 'seed' => 7, ...$fields]), 0), 'matrix',
        );
        $plain = $thrown(['position' => [0, 10]]);
        $moved = $thrown(['position' => [0, 10], 'scatter' => [40, 20]]);
        $turned = $thrown(['scatterTurn' => 30]);
        $scaled = $thrown(['scale' => [80, 50], 'scatterScale' => 25]);
        foreach (range(0, 8) as $unit) {
            $dice = fn (string $for): float => Dice::thrown(7, $unit, $for);
            self::assertEqualsWithDelta(
                [40 * $dice('x'), 20 * $dice('y')],
                [$moved[$unit][4] - $plain[$unit][4], $moved[$unit][5] - $plain[$unit][5]], 1e-3,
            );
            self::assertEqualsWithDelta(30 * $dice('turn'), rad2deg(atan2($turned[$unit][1], $turned[$unit][0])), 1e-3);
            $by = 1 + 0.25 * $dice('scale');
            self::assertEqualsWithDelta([0.08 * $by, 0.05 * $by], [$scaled[$unit][0], $scaled[$unit][3]], 1e-6);
        }
        self::assertNotSame($moved, $thrown(['position' => [0, 10], 'scatter' => [40, 20], 'seed' => 8]));
    }

    public function test_gathered_letters_begin_on_top_of_one_another(): void
    {
        $composition = self::words(['length' => 10, 'overlap' => 100, 'opacity' => 100, 'gather' => 100]);
        $items = self::items($composition, 0);
        // The line is 500 px long: its middle is 350; a letter's box is 50 px wide.
        foreach ($items as $index => $item) {
            $letter = $index < 5 ? $index : $index + 1;
            self::assertEqualsWithDelta(350 - 25 - 50 * $letter, $item['matrix'][4], 0.01);
        }
        self::assertEqualsWithDelta(100 + (350 - 125) / 2, self::items($composition, 5)[0]['matrix'][4], 0.01);
    }

    public function test_blur_tint_and_opacity_of_a_unit(): void
    {
        $composition = self::words(['length' => 10, 'overlap' => 100, 'opacity' => 50, 'blur' => 8, 'tint' => '#ff0000']);
        $item = self::items($composition, 5)[0];
        self::assertSame(['group', 0.75, 4.0], [$item['op'], $item['opacity'], (float) $item['filters'][0]['deviation']]);
        // #f3e3c3 half way to red.
        self::assertSame('#f97161', $item['items'][0]['colour']);
    }

    public function test_orders(): void
    {
        $five = array_map(fn (int $x): Point => new Point($x, 0), [40, 0, 30, 10, 20]);
        self::assertSame([0.0, 0.25, 0.5, 0.75, 1.0], Order::Forward->turns($five, 1));
        self::assertSame([1.0, 0.75, 0.5, 0.25, 0.0], Order::Backward->turns($five, 1));
        self::assertSame([1.0, 0.5, 0.0, 0.5, 1.0], Order::Middle->turns($five, 1));
        self::assertSame([0.0, 0.5, 1.0, 0.5, 0.0], Order::Edges->turns($five, 1));
        self::assertSame([1.0, 0.0, 0.75, 0.25, 0.5], Order::Place->turns($five, 1));
        self::assertSame([1.0, 0.0, 0.0, 1.0], Order::Middle->turns(array_slice($five, 0, 4), 1));
        self::assertSame([0.0, 0.0], Order::Middle->turns(array_slice($five, 0, 2), 1));
        self::assertSame([0.0, 0.0], Order::Place->turns([$five[0], $five[0]], 1));
        self::assertSame([[], [0.0]], [Order::Random->turns([], 1), Order::Backward->turns([$five[0]], 1)]);
        $thrown = Order::Random->turns($five, 7);
        self::assertEqualsCanonicalizing([0.0, 0.25, 0.5, 0.75, 1.0], $thrown);
        self::assertSame($thrown, Order::Random->turns($five, 7));
        self::assertGreaterThan(
            15, count(array_unique(array_map(fn (int $seed): string => implode(Dice::shuffled(5, $seed)), range(1, 20)))),
        );
    }

    public function test_chance_is_the_same_everywhere_and_even(): void
    {
        // Once worked out elsewhere, so that no other machine or version may throw otherwise.
        self::assertSame([0, 4, 1, 2, 3], Dice::shuffled(5, 1));
        $thrown = array_map(fn (int $index): float => Dice::thrown(3, $index, 'x'), range(1, 2000));
        self::assertEqualsWithDelta(0, array_sum($thrown) / 2000, 0.04);
        self::assertEqualsWithDelta(1 / 3, array_sum(array_map(fn (float $one): float => $one ** 2, $thrown)) / 2000, 0.03);
        self::assertLessThanOrEqual(1, max(array_map(abs(...), $thrown)));
    }

    public function test_a_layer_leaves_by_its_last_frame_and_mirrors_backwards(): void
    {
        $leaving = self::words(['as' => 'leave', 'length' => 45, 'overlap' => 0, 'easing' => 'linear']);
        self::assertCount(1, self::items($leaving, 99 - 45));
        self::assertCount(8, self::items($leaving, 99 - 40));
        self::assertSame([], self::items($leaving, 99));
        // As it arrives, backwards: frame by frame the same.
        $arriving = ['length' => 45, 'overlap' => 30, 'position' => [0, 60], 'turn' => 20, 'easing' => 'cubic-out', 'spread' => 'ease-in'];
        $mirrored = Fixture::composition([Fixture::words(['cascades' => [
            ['id' => 'c1', 'as' => 'arrive', 'units' => 'letters', ...$arriving], ['id' => 'c2', 'mirrors' => 'c1'],
        ]])]);
        foreach ([0, 3, 20, 44] as $frame) {
            self::assertEquals(self::items($mirrored, $frame), self::items($mirrored, 99 - $frame), "frame $frame");
        }
        // Or the first that came goes first.
        $same = Fixture::composition([Fixture::words(['cascades' => [
            ['id' => 'c1', 'as' => 'arrive', 'units' => 'letters', ...$arriving, 'spread' => 'linear'],
            ['id' => 'c2', 'mirrors' => 'c1', 'sameOrder' => true],
        ]])]);
        $shown = fn (Composition $composition, int $frame): array => array_column(self::items($composition, $frame), 'path');
        self::assertCount(3, $shown($same, 10));
        self::assertNotContains($shown($same, 10)[0], $shown($same, 99 - 10));
    }

    public function test_several_on_one_layer_each_on_its_own_time(): void
    {
        $composition = self::words(
            ['opacity' => 100, 'position' => [0, 100], 'length' => 20],
            ['as' => 'leave', 'units' => 'words', 'length' => 30, 'overlap' => 0],
            ['as' => 'accent', 'opacity' => 100, 'units' => 'lines', 'at' => 40, 'length' => 10, 'turn' => 90, 'pivot' => [0, 80]],
        );
        self::assertEqualsWithDelta(600, self::items($composition, 0)[0]['matrix'][5], 0.01);
        // The accent is farthest away half way through, and the line turns about where it begins on the baseline.
        self::assertEqualsWithDelta([0, 0.1, -0.1, 0, 100, 500], self::items($composition, 45)[0]['matrix'], 1e-4);
        self::assertCount(1, self::items($composition, 45));
        // Two words are two parts.
        self::assertCount(2, self::items($composition, 99 - 29));
        self::assertCount(1, self::items($composition, 99 - 10));
    }

    public function test_layers_of_a_group_are_units_too(): void
    {
        $bars = array_map(
            fn (int $number): array => Fixture::bar([
                'id' => "b$number", 'group' => 'g', 'size' => [100, 50], 'position' => [200 * $number, 100],
            ]),
            [1, 2, 3],
        );
        $group = [
            'id' => 'g', 'kind' => 'group', 'name' => 'Bars', 'in' => 0, 'out' => 100,
            'cascades' => [[
                'id' => 'c1', 'as' => 'arrive', 'units' => 'layers', 'length' => 30, 'overlap' => 0, 'position' => [0, 40],
                'opacity' => 0,
            ]],
        ];
        $composition = Fixture::composition([$group, ...$bars]);
        self::assertSame([], self::items($composition, 0));
        $items = self::items($composition, 15);
        self::assertCount(2, $items);
        self::assertEqualsWithDelta([100, 120], [$items[0]['matrix'][5], $items[1]['matrix'][5]], 0.01);
        self::assertSame('#2f5d5080', $items[1]['colour']);
        self::assertCount(3, self::items($composition, 30));
        self::assertSame(
            3,
            Fixture::evaluator()->units($composition->layer('g'), $composition, $composition->layer('g')->attached->cascades[0]),
        );
    }

    public function test_typing_shows_a_caret_and_shuffling_other_letters_of_the_same_words(): void
    {
        $typed = self::words(['length' => 100, 'overlap' => 0, 'spaces' => true, 'caret' => true, 'easing' => 'hold']);
        // Ten turns of ten frames: at 35 three letters are there, and the caret 7 px behind the third.
        $items = Fixture::evaluator()->frame($typed, 35)->toJson();
        self::assertCount(4, $items['items']);
        self::assertSame('M157 -80L164 -80L164 20L157 20Z', $items['paths'][$items['items'][3]['path']]);
        // Before the first has come it stands as far before that: twice its own width.
        $none = Fixture::evaluator()->frame($typed, 3)->toJson();
        self::assertCount(1, $none['items']);
        self::assertSame('M-14 -80L-7 -80L-7 20L-14 20Z', $none['paths'][$none['items'][0]['path']]);
        $shuffled = self::words(['length' => 40, 'overlap' => 100, 'opacity' => 100, 'shuffles' => true]);
        $at = fn (int $frame): array => array_column(self::items($shuffled, $frame), 'matrix');
        self::assertNotEquals($at(10), $at(12));
        self::assertEquals($at(10), $at(11));
        self::assertSame(self::items(self::words(), 40), self::items($shuffled, 40));
    }

    public function test_motion_blur_follows_the_letters_where_the_layer_stands_still(): void
    {
        $composition = Fixture::composition(
            [Fixture::words([
                'motionBlur' => true,
                'cascades' => [[
                    'id' => 'c1', 'as' => 'arrive', 'units' => 'letters', 'length' => 10, 'overlap' => 100,
                    'opacity' => 100, 'position' => [0, 500],
                ]],
            ])],
            ['shutter' => ['angle' => 180, 'phase' => 0, 'samples' => 16]],
        );
        self::assertSame('samples', self::items($composition, 4)[0]['op']);
        // 25 px in half a frame, 2.5 px apart.
        self::assertCount(16, self::items($composition, 4)[0]['lists']);
        self::assertSame('fill', self::items($composition, 40)[0]['op']);
    }

    /** @return array<string, array{ReadyCascade}> */
    public static function ready(): array
    {
        return array_map(fn (ReadyCascade $one): array => [$one], Cascades::all());
    }

    #[DataProvider('ready')]
    public function test_each_that_is_ready_begins_or_ends_at_rest(ReadyCascade $ready): void
    {
        $plain = Fixture::composition([Fixture::words(['text' => "Depot Nine\nopen day", 'outlineWidth' => 4])]);
        $composition = Fixture::edit($plain, 'add-cascade', ['layers' => ['words'], 'cascade' => $ready->name, 'frame' => 30]);
        $cascade = $composition->layer('words')->attached->cascades[0];
        self::assertLessThanOrEqual(45, $cascade->length);
        $at = fn (int $frame): array => self::items($composition, $frame);
        $rest = self::items($plain, 50);
        [$from, $away, $to] = match ($ready->role) {
            Role::Arrive => [$cascade->length, 0, 99],
            Role::Leave => [0, 99, 99 - $cascade->length],
            Role::Accent => [0, 30 + intdiv($cascade->length, 2), 30 + $cascade->length],
        };
        self::assertEquals([$rest, $rest], [$at($from), $at($to)]);
        self::assertNotEquals($rest, $at($away));
        // The same is read again as it was written.
        self::assertEquals($composition->toJson(), Composition::read(new Node($composition->toJson()))->toJson());
    }

    public function test_the_stay_begins_where_the_last_has_come_and_ends_where_the_first_goes(): void
    {
        $layer = self::words(['length' => 30, 'at' => 10], ['length' => 20], ['mirrors' => 'c1', 'at' => 5])->layer('words');
        ['arrive' => $arrive, 'leave' => $leave, 'stay' => $stay] = Inspection::of($layer, 0, new FrameRate(25), Fixture::media())['life'];
        self::assertSame([40, 35, 25], [$arrive, $leave, $stay]);
    }

    public function test_there_are_about_twenty_that_are_ready_and_one_takes_the_place_of_another(): void
    {
        self::assertGreaterThanOrEqual(20, count(Cascades::all()));
        $words = Fixture::composition([Fixture::words(['typeSize' => 50])]);
        $added = fn (Composition $to, string $cascade, bool $also = false): Composition => Fixture::edit(
            $to, 'add-cascade', ['layers' => ['words'], 'cascade' => $cascade, 'added' => $also],
        );
        $risen = $added($words, 'rise');
        // As far as the type is large.
        self::assertEquals(new Point(0, 30), $risen->layer('words')->point('c1.position', 0));
        $mirrored = Fixture::edit(
            $risen, 'set-cascades',
            ['layers' => ['words'], 'cascades' => [...$risen->toJson()['layers'][0]['cascades'], ['id' => 'c2', 'mirrors' => 'c1']]],
        );
        self::assertSame('Leaving as it arrives', $mirrored->layer('words')->attached->cascades[1]->title());
        // What mirrored the arrival goes with it; an accent stays beside it, and so does what is added.
        self::assertSame(['c3'], array_column($added($mirrored, 'pop')->layer('words')->attached->cascades, 'id'));
        self::assertSame(['c1', 'c2', 'c3'], array_column($added($mirrored, 'wave')->layer('words')->attached->cascades, 'id'));
        self::assertSame(['c1', 'c2'], array_column($added($risen, 'pop', true)->layer('words')->attached->cascades, 'id'));
        self::assertArrayNotHasKey('c1.position', $added($risen, 'pop')->layer('words')->properties);
    }

    public function test_trimming_splitting_and_another_rate(): void
    {
        $composition = self::words(
            ['length' => 30, 'at' => 10], ['as' => 'leave', 'length' => 40], ['as' => 'accent', 'at' => 45, 'length' => 10],
        );
        $ats = fn (Composition $of, string $layer): array => array_map(
            fn ($one): array => [$one->role->value, $one->at], $of->layer($layer)->attached->cascades,
        );
        $trimmed = Fixture::edit($composition, 'trim-layer', ['layer' => 'words', 'in' => 5]);
        self::assertSame([['arrive', 10], ['leave', 0], ['accent', 40]], $ats($trimmed, 'words'));
        $split = Fixture::edit($composition, 'split-layers', ['layers' => ['words'], 'at' => 70]);
        self::assertSame([['arrive', 10], ['leave', -30], ['accent', 45]], $ats($split, 'words'));
        self::assertSame([['arrive', -60], ['leave', 0]], $ats($split, 'l1'));
        foreach ([65, 69, 70, 80] as $frame) {
            self::assertEquals(self::items($composition, $frame), self::items($split, $frame), "frame $frame");
        }
        self::assertSame(
            [['arrive', 10], ['accent', 45]],
            $ats(Fixture::edit($composition, 'split-layers', ['layers' => ['words'], 'at' => 58]), 'words'),
        );
        // An accent that is over right where it is cut is not in the part after it.
        foreach ([54 => ['arrive', 'leave', 'accent'], 55 => ['arrive', 'leave']] as $at => $roles) {
            $after = Fixture::edit($composition, 'split-layers', ['layers' => ['words'], 'at' => $at]);
            self::assertSame($roles, array_column($ats($after, 'l1'), 0), "cut at $at");
        }
        $faster = Fixture::edit($composition, 'set-composition', ['rate' => '50/1']);
        self::assertSame(
            [60, 20],
            [$faster->layer('words')->attached->cascades[0]->length, $faster->layer('words')->attached->cascades[0]->at],
        );
    }

    public function test_what_cannot_be_is_refused(): void
    {
        foreach ([
            ['units' => 'layers'], ['length' => 0], ['overlap' => 101], ['every' => 0], ['order' => 'best'], ['id' => 'x1'],
            ['easing' => 'fast'], ['gathered' => 1],
        ] as $wrong) {
            try {
                self::words($wrong);
                self::fail(json_encode($wrong) ?: '');
            } catch (Refusal $refusal) {
                self::assertStringContainsString('cascades[0]', $refusal->getMessage());
            }
        }
        $this->expectExceptionMessage('“Clip” has no units to be spread over');
        Fixture::edit(Fixture::composition([Fixture::clip()]), 'add-cascade', ['layers' => ['clip'], 'cascade' => 'rise']);
    }

    public function test_a_unit_is_left_out_lightened_or_blurred_as_its_change_says(): void
    {
        $fill = new Fill(Outline::of(Path::rectangle(new Box(0, 0, 10, 10))), new Affine, Colour::parse('#ffffff'));
        $seen = fn (UnitChange $change, array $of = [1]): array => array_map(
            fn (Operation $one): array => (array) json_decode($one->encode(), true),
            LayerCascades::seen(array_map(fn (): Fill => $fill, $of), $change, 2.0),
        );
        self::assertSame([], $seen(new UnitChange(opacity: 0.0)));
        self::assertSame('#ffffff', $seen(new UnitChange)[0]['colour']);
        self::assertSame('#ffffff80', $seen(new UnitChange(opacity: 0.5))[0]['colour']);
        self::assertSame(['group', 0.5, 2], [
            $seen(new UnitChange(opacity: 0.5), [1, 2])[0]['op'], $seen(new UnitChange(opacity: 0.5), [1, 2])[0]['opacity'],
            count($seen(new UnitChange(opacity: 0.5), [1, 2])[0]['items']),
        ]);
        // A deviation of the layer's pixels is twice that where it is drawn twice as large; less than 0.05 is none.
        self::assertEquals([['filter' => 'blur', 'deviation' => 6]], $seen(new UnitChange(blur: 3.0))[0]['filters']);
        self::assertSame('fill', $seen(new UnitChange(blur: 0.024))[0]['op']);
    }
}
