<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Edit;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Project;
use Ricamo\Core\Edit\Edits;
use Ricamo\Core\Evaluate\SoundCue;
use Ricamo\Core\Evaluate\SoundPlan;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Kind\Window\WindowContent;
use Ricamo\Core\Refusal;
use Ricamo\Core\Tests\Fixture;
use Ricamo\Core\Time\FrameRange;

/** The clips are 1920 × 1080 (m1) and 1080 × 1920 (m2). */
final class WindowEditsTest extends TestCase
{
    public function test_a_window_shows_what_covers_it_and_nothing_beyond_its_edges(): void
    {
        [$group] = $this->frame($this->window(), 4);
        self::assertSame(['group', 'image'], [$group['op'], $group['items'][0]['op']]);
        // 600 × 400 is covered by a clip of 1920 × 1080 scaled by 400/1080; its middle is the window's.
        $scale = 400 / 1080;
        self::assertEqualsWithDelta([$scale, 0, 0, $scale, 500 - 960 * $scale, 300 - 200], $group['items'][0]['matrix'], 1e-4);
        self::assertSame('M200 100L800 100L800 500L200 500Z', $this->path($this->window(), $group['clip']));
        $fit = $this->frame($this->window(['fitting' => 'fit']), 4);
        // What it does not cover shows the fill.
        self::assertSame(['fill', 'group'], array_column($fit, 'op'));
        self::assertEqualsWithDelta(600 / 1920, $fit[1]['items'][0]['matrix'][0], 1e-6);
    }

    public function test_framing_is_apart_from_how_the_window_moves(): void
    {
        $framed = $this->window(['pan' => [30, -20], 'zoom' => 200, 'turn' => 90]);
        $scale = 2 * 400 / 1080;
        // A quarter turn: the clip's corner (−960, −540) comes to (540, −960) about its middle, which is moved by the pan.
        $image = $this->frame($framed, 4)[0]['items'][0]['matrix'];
        self::assertEqualsWithDelta([0, $scale, -$scale, 0, 530 + 540 * $scale, 280 - 960 * $scale], $image, 1e-3);
        $moved = Fixture::edit($framed, 'drag-layers', ['layers' => ['w'], 'frame' => 4, 'by' => [100, 50]]);
        self::assertEqualsWithDelta($image[4] + 100, $this->frame($moved, 4)[0]['items'][0]['matrix'][4], 1e-3);
        self::assertEquals(
            [[30, -20], 200, 90],
            array_map(fn (string $name): mixed => Fixture::json($moved, 'w')[$name], ['pan', 'zoom', 'turn']),
        );
    }

    public function test_what_is_in_it_is_dragged_in_the_picture_s_directions(): void
    {
        $turned = $this->window(['rotation' => 90, 'scale' => [200, 200]]);
        $panned = Fixture::edit($turned, 'pan-window', ['layer' => 'w', 'frame' => 4, 'by' => [40, 0]]);
        // The window's own axis x points down, and its pixels are two.
        self::assertEqualsWithDelta([0, -20], Fixture::json($panned, 'w')['pan'], 1e-6);
        // The edge that is not covered any more shows the fill.
        self::assertSame($this->frame($turned, 4)[0]['clip'], $this->frame($panned, 4)[1]['clip']);
        $this->expectExceptionMessage('"pan" is not a property of a shape layer');
        Fixture::edit(Fixture::composition([Fixture::bar()]), 'pan-window', ['layer' => 'bar', 'frame' => 0, 'by' => [1, 1]]);
    }

    public function test_while_it_is_framed_all_of_what_is_in_it_is_hinted_at(): void
    {
        $beyond = Fixture::evaluator()->beyond($this->window(['zoom' => 300]), 'w', 4)->toJson();
        self::assertNull($beyond['background']);
        self::assertSame(['image', 0.35], [$beyond['items'][0]['op'], $beyond['items'][0]['opacity']]);
        self::assertEquals($this->frame($this->window(['zoom' => 300]), 4)[0]['items'][0]['matrix'], $beyond['items'][0]['matrix']);
        self::assertSame([], Fixture::evaluator()->beyond(Fixture::composition([Fixture::bar()]), 'bar', 4)->operations);
    }

    public function test_a_handle_makes_a_window_larger_and_not_what_is_in_it_wider(): void
    {
        $pulled = Fixture::edit(
            $this->window(['scale' => [50, 50]]), 'pull-handle',
            ['layer' => 'w', 'frame' => 4, 'handle' => 'right', 'by' => [60, 0]],
        );
        self::assertEquals(
            [[720, 400], [50, 50], [530, 300]],
            [Fixture::json($pulled, 'w')['size'], Fixture::json($pulled, 'w')['scale'], Fixture::json($pulled, 'w')['position']],
        );
    }

    public function test_a_clip_becomes_a_window_and_no_frame_changes(): void
    {
        $before = Fixture::composition([Fixture::clip([
            'position' => [700, 500], 'scale' => [60, 60], 'from' => 12, 'opacity' => Fixture::keyframes([0, 0], [20, 100]),
        ])]);
        $after = Fixture::edit($before, 'make-windows', ['layers' => ['clip']]);
        self::assertSame('window', Fixture::json($after, 'clip')['kind']);
        foreach ([10, 40] as $frame) {
            [$was, $is] = [$this->frame($before, $frame)[0], $this->frame($after, $frame)[0]];
            self::assertSame([$was['matrix'], $was['frame']], [$is['items'][0]['matrix'], $is['items'][0]['frame']]);
            self::assertEqualsWithDelta($was['opacity'], $is['opacity'], 1e-6);
        }
        $this->expectExceptionObject(new Refusal(
            '“Words” is neither a clip nor a picture nor a shape nor a plain bundle; it cannot be a window',
        ));
        Fixture::edit(Fixture::composition([Fixture::words()]), 'make-windows', ['layers' => ['words']]);
    }

    public function test_another_composition_is_seen_and_heard_through_a_window(): void
    {
        $inner = Fixture::composition(
            [Fixture::bar(['size' => [200, 100], 'position' => [960, 540]]), Fixture::clip(['position' => [-4000, 0]])],
            ['id' => 'c2', 'name' => 'Inner', 'background' => '#102030'],
        );
        $outer = Fixture::composition([Fixture::bar(['id' => 'w', 'size' => [960, 540], 'position' => [500, 300]])]);
        $project = Project::read(new Node([
            'format' => 'ricamo-project', 'version' => 1, 'name' => 'P',
            'media' => array_map(fn ($one): array => $one->toJson(), Fixture::media()->all()),
            'compositions' => [$outer->toJson(), $inner->toJson()],
        ]));
        $project = $project->with(['media' => Fixture::media()]);
        $edit = fn (Project $on, string $name, array $args, string $composition = 'c1'): Project => Edits::applyTo(
            $on, Edits::read(new Node(['edit' => $name, 'args' => $args])), $composition, Fixture::evaluator(),
        );
        $shown = $edit($project, 'show-instead', ['layers' => ['w'], 'composition' => 'c2']);
        $evaluator = Fixture::evaluator()->showing($shown->library());
        $composition = $shown->composition('c1');
        [$group] = $evaluator->frame($composition, 4)->toJson()['items'];
        // Half as large: its background, and the bar in its middle.
        self::assertSame('#102030', $group['items'][0]['items'][0]['colour']);
        self::assertEqualsWithDelta([0.5, 0, 0, 0.5, 500, 300], $group['items'][0]['items'][1]['matrix'], 1e-4);
        self::assertCount(1, SoundPlan::of($composition, $shown->library(), new FrameRange(0, 50)));
        self::assertSame(['“Inner” in “Test”'], $shown->placingsOf('c2'));
        self::assertSame(
            $shown->composition('c1')->toJson(),
            Project::read(new Node([...$shown->toJson(), 'media' => $project->toJson()['media']]))->composition('c1')->toJson(),
        );
        $this->expectExceptionMessage('a composition cannot contain itself: Inner ▸ Test ▸ Inner');
        $edit($shown, 'add-layer', ['layer' => ['kind' => 'window', 'form' => 'ellipse', 'composition' => 'c1']], 'c2');
    }

    public function test_a_shape_is_filled_with_a_clip_and_keeps_its_form(): void
    {
        $filled = Fixture::edit(
            Fixture::composition([Fixture::bar(['form' => 'ellipse', 'size' => [300, 300], 'outlineWidth' => 8, 'fill' => '#102030'])]),
            'show-instead', ['layers' => ['bar'], 'media' => 'm2'],
        );
        $layer = Fixture::json($filled, 'bar');
        self::assertEquals(
            ['window', 'ellipse', 'm2', 'Portrait', [300, 300], '#102030'],
            [$layer['kind'], $layer['form'], $layer['media'], $layer['name'], $layer['size'], $layer['fill']],
        );
        self::assertSame(['group', 'stroke'], array_column($this->frame($filled, 4), 'op'));
        // Another clip in its place: 30 frames of the first begin where 25 of the other do.
        $again = Fixture::edit(
            Fixture::edit($filled, 'slip-layers', ['layers' => ['bar'], 'by' => 25]), 'show-instead',
            ['layers' => ['bar'], 'media' => 'm1'],
        );
        self::assertSame(['m1', 25], [Fixture::json($again, 'bar')['media'], (int) round((float) Fixture::json($again, 'bar')['from'])]);
    }

    public function test_a_shape_that_is_repeated_becomes_one_window(): void
    {
        $shape = Fixture::bar([
            'outlines' => [['id' => 'o1', 'width' => 6]],
            'cascades' => [['id' => 'c1', 'as' => 'arrive', 'units' => 'repeats', 'length' => 10]], 'columns' => 3,
            'gaps' => [30, 0],
        ]);
        $window = Fixture::edit(Fixture::composition([$shape]), 'make-windows', ['layers' => ['bar']]);
        $json = Fixture::json($window, 'bar');
        self::assertSame(
            ['window', [['id' => 'o1', 'width' => 6.0]]],
            [$json['kind'], array_map(fn (array $one): array => array_intersect_key($one, ['id' => 0, 'width' => 0]), $json['outlines'])],
        );
        self::assertSame([], array_intersect_key($json, ['cascades' => 0, 'columns' => 0, 'gaps' => 0]));
    }

    public function test_a_split_screen_is_computed(): void
    {
        $composition = Fixture::composition([
            Fixture::clip(['id' => 'a']),
            Fixture::clip(['id' => 'b', 'media' => 'm2', 'scale' => Fixture::keyframes([0, [10, 10]], [9, [90, 90]])]),
            Fixture::bar(),
        ]);
        $split = Fixture::edit(
            $composition, 'split-screen',
            ['layers' => ['b', 'a'], 'rows' => 2, 'columns' => 2, 'gap' => 20, 'margin' => 30, 'rounding' => 12, 'at' => 5],
        );
        self::assertSame(['a', 'b', 'bar', 'l1', 'l2'], $split->layers->ids());
        // (1920 − 60 − 20) / 2 and (1080 − 60 − 20) / 2.
        foreach (['b' => [490, 280], 'a' => [1430, 280], 'l1' => [490, 800], 'l2' => [1430, 800]] as $id => $middle) {
            $layer = Fixture::json($split, $id);
            self::assertEquals(
                [[920, 500], $middle, [100, 100], 12],
                [$layer['size'], $layer['position'], $layer['scale'], $layer['rounding']], $id,
            );
        }
        self::assertSame([5, 250], [$split->layer('l1')->span->in, $split->layer('l1')->span->out]);
        self::assertSame(['fill'], array_column(array_slice($this->frame($split, 6), 3, 1), 'op'));
        // Laid out anew, windows stay what they are.
        $again = Fixture::edit(
            $split, 'split-screen', ['layers' => ['a', 'b', 'l1'], 'cells' => 'large-right', 'rows' => 3, 'columns' => 1],
        );
        self::assertEquals([[[1280, 1080], [1280, 540]], [[640, 540], [320, 270]], [[640, 540], [320, 810]]], array_map(
            fn (string $id): array => [Fixture::json($again, $id)['size'], Fixture::json($again, $id)['position']], ['a', 'b', 'l1'],
        ));
    }

    public function test_cells_leave_no_pixel_over(): void
    {
        $split = Fixture::edit(Fixture::composition([], ['width' => 1000, 'height' => 700]), 'split-screen', ['rows' => 3, 'columns' => 7]);
        $boxes = array_map(fn ($layer) => Fixture::evaluator()->pose($layer, $split, 0)->bounds(), iterator_to_array($split->layers));
        self::assertSame(1000 * 700.0, array_sum(array_map(fn ($box): float => $box->width() * $box->height(), $boxes)));
        foreach ([
            '3 layers do not go into 2 cells' => ['layers' => ['a', 'b', 'c'], 'rows' => 1, 'columns' => 2],
            'margin and gaps leave no room for the cells' => ['rows' => 2, 'columns' => 2, 'margin' => 540],
        ] as $message => $args) {
            try {
                Fixture::edit(
                    Fixture::composition(array_map(fn (string $id): array => Fixture::clip(['id' => $id]), ['a', 'b', 'c'])),
                    'split-screen', $args,
                );
                self::fail($message);
            } catch (Refusal $refusal) {
                self::assertSame($message, $refusal->getMessage());
            }
        }
    }

    public function test_two_windows_swap_what_they_show(): void
    {
        $split = Fixture::edit(
            Fixture::composition([
                Fixture::clip(['id' => 'a', 'name' => 'A', 'from' => 7]),
                Fixture::clip(['id' => 'b', 'media' => 'm2', 'name' => 'B']),
            ]),
            'split-screen', ['layers' => ['a', 'b'], 'rows' => 1, 'columns' => 2],
        );
        $split = Fixture::edit($split, 'set-values', ['frame' => 0, 'values' => [['layer' => 'a', 'property' => 'zoom', 'value' => 150]]]);
        $swapped = Fixture::edit($split, 'swap-windows', ['layers' => ['a', 'b']]);
        $shown = fn (string $id): array => array_intersect_key(
            Fixture::json($swapped, $id), array_flip(['name', 'media', 'from', 'zoom', 'position']),
        );
        self::assertEquals(['name' => 'B', 'media' => 'm2', 'from' => 0, 'zoom' => 100, 'position' => [480, 540]], $shown('a'));
        self::assertEquals(['name' => 'A', 'media' => 'm1', 'from' => 7, 'zoom' => 150, 'position' => [1440, 540]], $shown('b'));
        self::assertSame($split->toJson(), Fixture::edit($swapped, 'swap-windows', ['layers' => ['b', 'a']])->toJson());
    }

    public function test_windows_come_in_from_the_sides_they_are_near_to_one_after_another(): void
    {
        $split = Fixture::edit(
            Fixture::composition([Fixture::clip(['id' => 'a'])]), 'split-screen',
            ['layers' => ['a'], 'rows' => 2, 'columns' => 2],
        );
        $coming = Fixture::edit($split, 'arrive-from-sides', ['layers' => ['a', 'l1', 'l2', 'l3'], 'length' => 10, 'by' => 6]);
        self::assertSame(
            [180, 270, 0, 90],
            array_map(
                fn (string $id): int => (int) round(Fixture::json($coming, $id)['arrive']['moves'][0]['angle']),
                ['a', 'l1', 'l3', 'l2'],
            ),
        );
        self::assertSame(
            [[0, 100], [6, 250], [12, 250], [18, 250]],
            array_map(fn (string $id): array => [$coming->layer($id)->span->in, $coming->layer($id)->span->out], ['a', 'l1', 'l2', 'l3']),
        );
        // On its first frame nothing of it is in the picture: the cell is 960 wide, at the left edge.
        self::assertEqualsWithDelta(-960, $this->frame($coming, 0)[0]['items'][0]['matrix'][4], 0.01);
    }

    public function test_a_window_is_heard_and_says_where_its_clip_runs_out(): void
    {
        $window = $this->window(['in' => 0, 'out' => 200, 'media' => 'm2']);
        // 90 frames at 29.97 last for 75.075 at 25.
        self::assertEquals([new FrameRange(76, 200)], $this->missing($window));
        $slower = Fixture::edit($window, 'retime-layers', ['layers' => ['w'], 'to' => 'fill']);
        self::assertSame([], $this->missing($slower));
        $empty = Fixture::edit($this->window(['media' => null, 'in' => 40]), 'fit-layers', ['layers' => ['w'], 'to' => 'composition']);
        self::assertEquals([new FrameRange(0, 250), []], [$empty->layer('w')->span, $this->missing($empty)]);
        $cues = SoundPlan::of($this->window(['level' => 50]), Fixture::media(), new FrameRange(0, 50));
        self::assertEquals([new SoundCue('w', 'm1', 0.0, 0.0, 2.0, 1.0, [[0.0, 0.5]])], $cues);
    }

    /** @return list<FrameRange> */
    private function missing(Composition $composition): array
    {
        $window = $composition->layer('w');
        assert($window->content instanceof WindowContent);

        return $window->content->missing($window->span, $composition->rate, Fixture::media());
    }

    /** @param  array<string, mixed>  $fields */
    private function window(array $fields = []): Composition
    {
        return Fixture::composition([[
            'id' => 'w', 'kind' => 'window', 'name' => 'Window', 'in' => 0, 'out' => 100, 'form' => 'rectangle',
            'media' => 'm1', 'size' => [600, 400], 'position' => [500, 300], ...$fields,
        ]]);
    }

    /** @return list<array<string, mixed>> */
    private function frame(Composition $composition, int $frame): array
    {
        return Fixture::evaluator()->frame($composition, $frame)->toJson()['items'];
    }

    private function path(Composition $composition, string $key): string
    {
        return Fixture::evaluator()->frame($composition, 4)->toJson()['paths'][$key];
    }

    public function test_a_new_window_lasts_as_long_as_what_plays_in_it_and_no_longer_than_the_composition(): void
    {
        $new = function (int $in, array $more): int {
            $after = Fixture::edit(
                Fixture::composition(), 'add-layer',
                ['layer' => ['kind' => 'window', 'form' => 'ellipse', 'in' => $in, ...$more]],
            );

            return $after->layer($after->layers->ids()[0])->span->out;
        };
        // 90 frames at 29.97 are 75 at 25.
        self::assertSame(
            [85, 250, 250, 250],
            [$new(10, ['media' => 'm2']), $new(200, ['media' => 'm2']), $new(10, ['media' => 'm1']), $new(10, [])],
        );
    }

    public function test_more_outlines_and_fills_of_a_window_are_those_of_the_shape_around_what_is_seen_in_it(): void
    {
        $outlines = [
            ['id' => 'o1', 'side' => 'beneath', 'width' => 9, 'colour' => '#102030'],
            ['id' => 'o2', 'side' => 'outside', 'width' => 6, 'colour' => '#c9973f'],
            ['id' => 'o3', 'side' => 'over', 'colour' => '#ff000040'],
        ];
        $items = fn (array $more): array => Fixture::evaluator()->frame(
            Fixture::composition([Fixture::bar(['size' => [300, 200], 'fill' => '#3d4450', 'position' => [500, 400], 'outlines' => $outlines, ...$more])]), 0,
        )->toJson()['items'];
        [$shape, $window] = [$items([]), $items(['kind' => 'window', 'media' => 'm1'])];
        self::assertGreaterThan(3, count($shape));
        // In the place of the fill, which the clip covers, the clip.
        $isPlain = fn (array $item): bool => $item['op'] === 'fill' && $item['colour'] === '#3d4450';
        $seen = array_values(array_filter($window, fn (array $item): bool => ($item['items'][0]['op'] ?? '') === 'image'));
        self::assertCount(1, $seen);
        self::assertSame(array_map(fn (array $item): array => $isPlain($item) ? $seen[0] : $item, $shape), $window);
    }

    /** @return iterable<string, array{string, array<string, mixed>}> what changes nothing that is seen */
    public static function unseen(): iterable
    {
        yield 'grouped' => ['group-layers', ['layers' => ['w'], 'frame' => 5]];
        yield 'split' => ['split-layers', ['layers' => ['w'], 'at' => 20]];
        yield 'its way in keyframes' => ['write-moves-out', ['layers' => ['w']]];
        yield 'its x and y apart' => ['set-axes', ['layers' => ['w'], 'apart' => true, 'write' => true]];
    }

    /** @param  array<string, mixed>  $args */
    #[DataProvider('unseen')]
    public function test_a_window_with_more_outlines_looks_the_same_after_what_changes_nothing(string $edit, array $args): void
    {
        $before = Fixture::composition([[
            'id' => 'w', 'kind' => 'window', 'form' => 'ellipse', 'media' => 'm1', 'name' => 'Window', 'in' => 0, 'out' => 60,
            'size' => [300, 200], 'position' => Fixture::keyframes([0, [400, 300]], [59, [900, 500]]),
            'arrive' => ['moves' => [['move' => 'slide']], 'length' => 10], 'leave' => ['mirror' => true],
            'outlines' => [
                ['id' => 'o1', 'side' => 'beneath', 'width' => 9, 'colour' => '#102030', 'shift' => [4, 6]],
                ['id' => 'o2', 'side' => 'outside', 'width' => Fixture::keyframes([0, 2], [50, 12]), 'colour' => '#c9973f'],
            ],
        ]]);
        $after = Composition::read(new Node(Fixture::edit($before, $edit, $args)->toJson()));
        // Coordinates to a tenth of a pixel: places that become keyframes are kept in thousandths.
        $seen = fn (Composition $of, int $frame): string => (string) preg_replace_callback(
            '/-?\d+\.\d+/', fn (array $number): string => (string) (round((float) $number[0], 1) + 0.0),
            Fixture::evaluator()->frame($of, $frame)->encode(),
        );
        foreach ([0, 4, 9, 19, 20, 33, 52, 58] as $frame) {
            self::assertSame($seen($before, $frame), $seen($after, $frame), "frame $frame");
        }
    }
}
