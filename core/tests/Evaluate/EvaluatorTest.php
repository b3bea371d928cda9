<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Evaluate;

use Opis\JsonSchema\Validator;
use PHPUnit\Framework\TestCase;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Json\Text;
use Ricamo\Core\Refusal;
use Ricamo\Core\Tests\Fixture;

final class EvaluatorTest extends TestCase
{
    /** @return list<array<string, mixed>> */
    private function items(Composition $composition, int $frame = 0): array
    {
        return Fixture::evaluator()->frame($composition, $frame)->toJson()['items'];
    }

    public function test_a_bar_is_a_path_a_matrix_and_a_colour(): void
    {
        $list = Fixture::evaluator()->frame(
            Fixture::composition([Fixture::bar(['size' => [40, 20], 'position' => [100, 50], 'fill' => '#2f5d50'])]), 0,
        )->toJson();
        self::assertSame('fill', $list['items'][0]['op']);
        self::assertEquals([1, 0, 0, 1, 100, 50], $list['items'][0]['matrix']);
        self::assertSame('#2f5d50', $list['items'][0]['colour']);
        self::assertSame('M-20 -10L20 -10L20 10L-20 10Z', $list['paths'][$list['items'][0]['path']]);
    }

    /** Worked by hand: turn by 90°, scale 200 × 50 %, anchor (10, 0), position (300, 200). */
    public function test_placement_scales_turns_and_moves_about_the_anchor(): void
    {
        $items = $this->items(Fixture::composition([Fixture::bar([
            'rotation' => 90, 'scale' => [200, 50], 'anchor' => [10, 0], 'position' => [300, 200],
        ])]));
        // x' = −0.5·y + 300, y' = 2·(x − 10) + 200
        self::assertEquals([0, 2, -0.5, 0, 300, 180], $items[0]['matrix']);
    }

    public function test_a_slide_with_ease_out_is_where_the_formula_says(): void
    {
        $composition = Fixture::composition([Fixture::bar([
            'in' => 10, 'position' => Fixture::keyframes([0, [-500, 880], 'cubic-out'], [20, [520, 880]]),
        ])]);
        foreach ([10 => 0.0, 15 => 1 - 0.75 ** 3, 20 => 1 - 0.5 ** 3, 30 => 1.0, 70 => 1.0] as $frame => $progress) {
            self::assertEqualsWithDelta(-500 + 1020 * $progress, $this->items($composition, $frame)[0]['matrix'][4], 0.001);
        }
    }

    public function test_a_layer_is_seen_from_its_in_point_to_before_its_out_point(): void
    {
        $composition = Fixture::composition([Fixture::bar(['in' => 10, 'out' => 20])]);
        self::assertSame([0, 1, 1, 0], array_map(fn (int $frame): int => count($this->items($composition, $frame)), [9, 10, 19, 20]));
    }

    public function test_what_cannot_be_seen_is_left_out(): void
    {
        foreach ([['visible' => false], ['opacity' => 0], ['scale' => [0, 100]], ['size' => [0, 10]], ['fill' => '#11223300']] as $fields) {
            self::assertSame([], $this->items(Fixture::composition([Fixture::bar($fields)])));
        }
    }

    public function test_the_order_of_layers_is_the_order_of_drawing(): void
    {
        $items = $this->items(Fixture::composition([Fixture::clip(), Fixture::bar(), Fixture::words()]));
        self::assertSame(['image', 'fill', 'fill'], array_column($items, 'op'));
    }

    public function test_one_operation_fades_in_its_colour_several_fade_as_a_group(): void
    {
        $items = $this->items(Fixture::composition([Fixture::bar(['opacity' => 50])]));
        self::assertSame('#2f5d5080', $items[0]['colour']);
        $items = $this->items(Fixture::composition([Fixture::bar(['opacity' => 50, 'outlineWidth' => 8])]));
        self::assertSame(['group', 0.5], [$items[0]['op'], $items[0]['opacity']]);
        self::assertSame(['#2f5d50', '#1d2430'], array_column($items[0]['items'], 'colour'));
    }

    public function test_an_overshooting_opacity_stays_within_bounds(): void
    {
        $composition = Fixture::composition([Fixture::bar(['opacity' => Fixture::keyframes([0, 0, 'back-out'], [20, 100])])]);
        self::assertSame('#2f5d50', $this->items($composition, 12)[0]['colour']);
    }

    public function test_a_clip_shows_the_frame_that_is_on_screen_then(): void
    {
        $frames = fn (array $fields): array => array_map(
            fn (int $frame): int => $this->items(Fixture::composition([Fixture::clip(['in' => 5, ...$fields])]), $frame)[0]['frame'],
            [5, 6, 15, 90],
        );
        self::assertSame([0, 1, 10, 85], $frames([]));
        self::assertSame([7, 8, 17, 92], $frames(['from' => 7]));
        // 30000/1001 at 25: frame n of the composition begins n/25 s in, on clip frame floor(n·30000/(25·1001)); the last one holds.
        self::assertSame([0, 1, 11, 89], $frames(['media' => 'm2']));
    }

    public function test_a_clip_is_drawn_about_its_middle(): void
    {
        $items = $this->items(Fixture::composition([Fixture::clip(['position' => [960, 540], 'scale' => [50, 50]])]));
        self::assertEquals([0.5, 0, 0, 0.5, 480, 270], $items[0]['matrix']);
    }

    public function test_text_keeps_its_outline_while_size_and_place_change(): void
    {
        $composition = Fixture::composition([Fixture::words([
            'typeSize' => Fixture::keyframes([0, 20], [50, 90]),
            'position' => Fixture::keyframes([0, [0, 0]], [50, [500, 0]]),
        ])]);
        $paths = array_unique(array_map(fn (int $frame): string => $this->items($composition, $frame)[0]['path'], [0, 10, 30, 50]));
        self::assertCount(1, $paths);
        self::assertEquals([0.09, 0, 0, 0.09, 500, 0], $this->items($composition, 50)[0]['matrix']);
    }

    public function test_lines_are_aligned_and_led(): void
    {
        // Each glyph advances half an em: "ab" is 1 em wide, "abcd" 2 em; at 100 px centred they begin at −50 and −100.
        $items = $this->items(Fixture::composition([Fixture::words([
            'text' => "ab\nabcd", 'align' => 'centre', 'typeSize' => 100, 'leading' => 150, 'position' => [960, 540],
        ])]));
        self::assertEquals(
            [[910, 540], [860, 690]],
            array_map(fn (array $item): array => [$item['matrix'][4], $item['matrix'][5]], $items),
        );
    }

    public function test_an_outline_of_text_is_as_wide_as_said_and_lies_beneath(): void
    {
        $items = $this->items(Fixture::composition([Fixture::words(['outlineWidth' => 5, 'typeSize' => 50])]));
        self::assertSame(['stroke', 'fill'], array_column($items, 'op'));
        // The path is in thousandths of an em of 50 px: 5 px are 100 of them.
        self::assertEquals(100, $items[0]['width']);
    }

    public function test_poses_say_where_each_layer_stands(): void
    {
        $poses = Fixture::evaluator()->look(
            Fixture::composition([
                Fixture::bar(['size' => [40, 20], 'position' => [100, 50], 'rotation' => 90]),
                Fixture::words(['visible' => false]),
            ]),
            0,
        )->poses();
        $poses = json_decode($poses, true);
        self::assertEquals([[110, 30], [110, 70], [90, 70], [90, 30]], $poses[0]['corners']);
        self::assertFalse($poses[1]['seen']);
    }

    public function test_a_text_box_goes_from_ascent_to_descent(): void
    {
        $poses = Fixture::evaluator()->look(
            Fixture::composition([Fixture::words(['text' => "ab\nabcd", 'typeSize' => 100, 'tracking' => 100])]), 0,
        )->poses();
        // "abcd" is 4 × 50 px and three gaps of 10 px wide; ascent 80 above the first baseline, descent 20 below the second.
        self::assertEquals([0, -80, 230, 140], json_decode($poses, true)[0]['box']);
    }

    public function test_a_look_is_the_same_frame_with_the_same_poses(): void
    {
        $composition = Fixture::composition([
            Fixture::clip(['out' => 3]), Fixture::bar(['rotation' => 30, 'opacity' => 40, 'outlineWidth' => 2]),
            Fixture::words(['visible' => false]),
        ]);
        foreach ([0, 5] as $frame) {
            $look = Fixture::evaluator()->look($composition, $frame);
            self::assertSame(Fixture::evaluator()->frame($composition, $frame)->encode(), $look->list());
            $poses = array_map(
                fn (Layer $layer): string => Fixture::evaluator()->pose($layer, $composition, $frame)->encode(),
                iterator_to_array($composition->layers),
            );
            self::assertSame(Text::list($poses), $look->poses());
        }
        $this->expectExceptionMessage('frame 250 is outside 0..249');
        Fixture::evaluator()->look($composition, 250);
    }

    public function test_lists_follow_the_published_schema(): void
    {
        $composition = Fixture::composition(
            [Fixture::clip(['opacity' => 40]), Fixture::bar(['outlineWidth' => 3, 'opacity' => 40]), Fixture::words(['outlineWidth' => 1])],
            ['background' => 'transparent'],
        );
        $schema = json_decode((string) file_get_contents(dirname(__DIR__, 2).'/schema/display-list-1.json'));
        $list = json_decode(Fixture::evaluator()->frame($composition, 3)->encode(), flags: JSON_THROW_ON_ERROR);
        self::assertTrue((new Validator)->validate($list, $schema)->isValid());
        $list->items[0]->op = 'sparkle';
        self::assertFalse((new Validator)->validate($list, $schema)->isValid());
    }

    public function test_paths_that_are_known_are_not_sent_again(): void
    {
        $list = Fixture::evaluator()->frame(Fixture::composition([Fixture::bar(), Fixture::words()]), 0);
        $keys = array_keys($list->paths());
        self::assertCount(2, $keys);
        self::assertSame([$keys[1]], array_keys((array) $list->toJson([$keys[0] => true])['paths']));
    }

    public function test_frames_outside_the_composition_are_refused(): void
    {
        $this->expectException(Refusal::class);
        $this->expectExceptionMessage('frame 250 is outside 0..249');
        $this->items(Fixture::composition(), 250);
    }
}
