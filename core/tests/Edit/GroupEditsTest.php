<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Edit;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Ricamo\Core\Display\Operation;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Document\Tree;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Move\Accents;
use Ricamo\Core\Move\Moves;
use Ricamo\Core\Refusal;
use Ricamo\Core\Tests\Fixture;

final class GroupEditsTest extends TestCase
{
    public function test_grouping_and_ungrouping_change_no_frame(): void
    {
        $before = $this->composition();
        $grouped = Fixture::edit($before, 'group-layers', ['layers' => ['a', 'b'], 'frame' => 30]);
        self::assertSame(['low', 'a', 'b', 'l1', 'top'], $grouped->layers->ids());
        $group = $grouped->layer('l1');
        self::assertSame(['Group', 5, 90], [$group->name, $group->span->in, $group->span->out]);
        // It turns about the middle of what is in it then: a from x 350 to 450, b from 550 to 650.
        self::assertSame([500.0, 300.0], [$group->point('anchor', 0)->x, $group->point('anchor', 0)->y]);
        $this->assertSameFrames($before, $grouped);
        $apart = Fixture::edit($grouped, 'ungroup-layers', ['layers' => ['l1']]);
        self::assertSame($before->toJson(), $apart->toJson());
    }

    public function test_what_is_in_a_group_goes_along_with_it(): void
    {
        $grouped = $this->edit($this->grouped(), 'set-values', ['frame' => 30, 'values' => [
            ['layer' => 'l1', 'property' => 'position', 'value' => [600, 350]], ['layer' => 'l1', 'property' => 'rotation', 'value' => 90],
        ]]);
        // b stood 100 px right of the group's anchor; turned by a quarter it is 100 px below.
        self::assertEqualsWithDelta([600, 450], $this->middle($grouped, 'b', 30), 1e-6);
        $fill = $this->frame($grouped, 30)[2];
        self::assertEqualsWithDelta([0, 1, -1, 0, 600, 450], $fill['matrix'], 1e-6);
        // a has keyframes of its own, in the group: at frame 10 it is 50 px higher.
        self::assertEqualsWithDelta([650, 250], $this->middle($grouped, 'a', 10), 1e-6);
    }

    public function test_a_group_fades_and_is_lit_as_one(): void
    {
        $grouped = $this->edit(
            $this->grouped(), 'set-values',
            ['frame' => 0, 'values' => [['layer' => 'l1', 'property' => 'opacity', 'value' => 40]]],
        );
        $items = $this->frame($grouped, 30);
        self::assertSame(['fill', 'group', 'fill'], array_column($items, 'op'));
        self::assertSame([0.4, 2], [$items[1]['opacity'], count($items[1]['items'])]);
        $blurred = $this->edit($this->grouped(), 'add-effect', ['layers' => ['l1'], 'effect' => 'blur']);
        self::assertCount(2, $this->frame($blurred, 30)[1]['items']);
    }

    public function test_a_hidden_group_hides_and_silences_what_is_in_it(): void
    {
        $hidden = $this->edit($this->grouped(), 'set-layer', ['layers' => ['l1'], 'visible' => false]);
        self::assertCount(2, $this->frame($hidden, 30));
        self::assertFalse($hidden->shows($hidden->layer('a')));
        $short = $this->edit($this->grouped(), 'trim-layer', ['layer' => 'l1', 'out' => 20]);
        self::assertSame([5, 20], [$short->onAir($short->layer('a'))?->in, $short->onAir($short->layer('a'))?->out]);
        self::assertCount(2, $this->frame($short, 30));
    }

    public function test_whoever_looks_at_something_in_a_group_alone_sees_it_in_its_place(): void
    {
        $alone = $this->edit($this->grouped(), 'look-alone', ['layers' => ['b']]);
        self::assertCount(1, $this->frame($alone, 30));
        self::assertCount(2, $this->frame($this->edit($alone, 'look-alone', ['layers' => ['l1']]), 30));
    }

    public function test_references_in_a_group_are_looked_at_in_its_space_and_never_rendered(): void
    {
        $marked = $this->edit($this->grouped(), 'set-layer', ['layers' => ['a'], 'reference' => true]);
        $moved = $this->edit($marked, 'drag-layers', ['layers' => ['l1'], 'frame' => 30, 'by' => [10, 0]]);
        $list = json_decode(Fixture::evaluator()->frame($moved, 30)->encode(), true);
        self::assertCount(3, $list['items']);
        self::assertEqualsWithDelta(410, $list['reference'][0]['matrix'][4], 1e-6);
    }

    public function test_moving_a_group_in_time_moves_what_is_in_it(): void
    {
        $later = $this->edit($this->grouped(), 'move-layers', ['layers' => ['l1', 'a'], 'by' => 7]);
        self::assertSame(
            [[12, 97], [12, 67], [27, 97], [0, 100]],
            array_map(fn (string $id): array => [$later->layer($id)->span->in, $later->layer($id)->span->out], ['l1', 'a', 'b', 'low']),
        );
    }

    public function test_copies_of_a_group_have_what_is_in_it(): void
    {
        $twice = $this->edit($this->grouped(), 'duplicate-layers', ['layers' => ['l1']]);
        self::assertSame(['low', 'a', 'b', 'l1', 'l2', 'l3', 'l4', 'top'], $twice->layers->ids());
        self::assertSame(['l4', 'l4', null], [$twice->layer('l2')->group, $twice->layer('l3')->group, $twice->layer('l4')->group]);
        $document = $twice->toJson();
        $pasted = $this->edit(
            $twice, 'paste-layers',
            ['layers' => [$document['layers'][1], $document['layers'][2], $document['layers'][3], $document['layers'][4]], 'at' => 50],
        );
        // l2 comes without its group, the others with theirs.
        self::assertSame(
            ['l7', 'l7', null, null],
            array_map(fn (string $id): ?string => $pasted->layer($id)->group, ['l5', 'l6', 'l7', 'l8']),
        );
        self::assertSame(50, $pasted->layer('l5')->span->in);
        $split = $this->edit($this->grouped(), 'split-layers', ['layers' => ['l1'], 'at' => 40]);
        self::assertSame([['a', 'b'], ['l2', 'l3']], [$split->layers->tree()->members('l1'), $split->layers->tree()->members('l4')]);
        $this->assertSameFrames($this->grouped(), $split);
    }

    public function test_removing_a_group_takes_what_is_in_it_along(): void
    {
        self::assertSame(['low', 'top'], $this->edit($this->grouped(), 'remove-layers', ['layers' => ['l1']])->layers->ids());
    }

    /** @return iterable<string, array{array<string, mixed>}> */
    public static function placings(): iterable
    {
        yield 'moved' => [['position' => [620, 310]]];
        yield 'turned and larger' => [['rotation' => 30, 'scale' => [150, 150]]];
        yield 'mirrored' => [['scale' => [-80, 80], 'rotation' => 200]];
    }

    /** @param  array<string, mixed>  $placing */
    #[DataProvider('placings')]
    public function test_layers_dragged_into_a_group_and_out_of_it_stay_where_they_are_in_the_picture(array $placing): void
    {
        $before = $this->with($this->grouped(), 'l1', $placing);
        $before = $this->with(
            $before, 'top',
            ['rotation' => 25, 'scale' => [120, 60], 'position' => Fixture::keyframes([0, [100, 100]], [40, [300, 200]])],
        );
        $in = $this->edit($before, 'reorder-layer', ['layer' => 'top', 'to' => 2, 'group' => 'l1', 'frame' => 30]);
        self::assertSame(['low', 'a', 'top', 'b', 'l1'], $in->layers->ids());
        foreach ([0, 15, 30, 60] as $frame) {
            self::assertEqualsWithDelta($this->corners($before, 'top', $frame), $this->corners($in, 'top', $frame), 0.002);
        }
        $out = $this->edit($in, 'reorder-layer', ['layer' => 'top', 'to' => 4, 'group' => null, 'frame' => 30]);
        self::assertSame(['low', 'a', 'b', 'l1', 'top'], $out->layers->ids());
        self::assertEqualsWithDelta($this->corners($before, 'top', 15), $this->corners($out, 'top', 15), 0.002);
        self::assertEqualsWithDelta(25.0, $out->layer('top')->number('rotation', 0), 1e-4);
    }

    /**
     * @return iterable<string, array{list<string>, ?string, ?string, list<string>, ?string}> what is moved, above, beneath, the
     *     stack then, and the group
     */
    public static function drops(): iterable
    {
        yield 'between two of a group' => [['top'], 'b', 'a', ['low', 'a', 'top', 'b', 'l1'], 'l1'];
        yield 'right beneath a group that is open' => [['top'], 'l1', 'b', ['low', 'a', 'b', 'top', 'l1'], 'l1'];
        yield 'beneath the lowest of a group' => [['top'], 'a', 'low', ['low', 'top', 'a', 'b', 'l1'], null];
        yield 'at the bottom' => [['top'], 'low', null, ['top', 'low', 'a', 'b', 'l1'], null];
        yield 'at the top, out of its group' => [['a'], null, 'top', ['low', 'b', 'l1', 'top', 'a'], null];
        yield 'right beneath a group that is folded' => [['top'], 'l1', 'low', ['low', 'top', 'a', 'b', 'l1'], null];
        yield 'two together, the upper one pulled' => [['top', 'low'], 'b', 'a', ['a', 'low', 'top', 'b', 'l1'], 'l1'];
    }

    /**
     * @param  list<string>  $moved
     * @param  list<string>  $stack
     */
    #[DataProvider('drops')]
    public function test_what_is_dropped_between_two_layers_comes_to_be_in_their_group(
        array $moved, ?string $above, ?string $beneath, array $stack, ?string $group,
    ): void {
        $dropped = $this->edit($this->grouped(), 'reorder-layer', [
            'layer' => $moved[0], 'with' => array_slice($moved, 1), ...array_filter(['above' => $above, 'beneath' => $beneath]),
        ]);
        self::assertSame($stack, $dropped->layers->ids());
        foreach ($moved as $id) {
            self::assertSame($group, $dropped->layers->tree()->groupOf($id));
        }
    }

    public function test_what_is_dropped_beneath_an_empty_group_comes_to_be_in_it(): void
    {
        $empty = $this->edit($this->grouped(), 'reorder-layer', ['layer' => 'a', 'with' => ['b'], 'above' => 'top', 'beneath' => 'l1']);
        self::assertSame([], $empty->layers->tree()->members('l1'));
        self::assertSame(
            ['top'],
            $this->edit($empty, 'reorder-layer', ['layer' => 'top', 'above' => 'l1', 'beneath' => 'low'])->layers->tree()->members('l1'),
        );
    }

    /** @param  array<string, mixed>  $arguments */
    #[TestWith([['layer' => 'a'], 'to: is missing'])]
    #[TestWith([['layer' => 'a', 'to' => 0, 'beneath' => 'low'], 'to: follows from what is above and beneath'])]
    #[TestWith([['layer' => 'a', 'group' => null, 'beneath' => 'low'], 'group: follows from what is above and beneath'])]
    #[TestWith([['layer' => 'l1', 'above' => 'b', 'beneath' => 'low'], 'is moved itself'])]
    public function test_what_is_dropped_nowhere_is_refused(array $arguments, string $why): void
    {
        $this->expectException(Refusal::class);
        $this->expectExceptionMessage($why);
        $this->edit($this->grouped(), 'reorder-layer', $arguments);
    }

    public function test_what_is_in_a_turned_group_is_worked_on_in_the_picture_s_directions(): void
    {
        $turned = $this->with($this->grouped(), 'l1', ['rotation' => 90, 'scale' => [200, 200]]);
        [$x, $y] = $this->middle($turned, 'b', 30);
        $dragged = $this->edit($turned, 'drag-layers', ['layers' => ['b'], 'frame' => 30, 'by' => [40, -10]]);
        self::assertEqualsWithDelta([$x + 40, $y - 10], $this->middle($dragged, 'b', 30), 0.01);
        $aligned = $this->edit(
            $turned, 'align-layers', ['layers' => ['b'], 'frame' => 30, 'to' => 'frame', 'x' => 'middle', 'y' => 'middle'],
        );
        self::assertEqualsWithDelta([960, 540], $this->middle($aligned, 'b', 30), 0.01);
        $framed = $this->edit($turned, 'frame-layers', ['layers' => ['b'], 'frame' => 30, 'as' => 'fill']);
        self::assertEqualsWithDelta([960, 540], $this->middle($framed, 'b', 30), 0.01);
        $anchored = $this->edit($turned, 'move-anchor', ['layer' => 'b', 'frame' => 30, 'to' => [$x + 6, $y]]);
        self::assertEqualsWithDelta($this->corners($turned, 'b', 30), $this->corners($anchored, 'b', 30), 0.01);
        // Pulled by the corner that is at the top right in the picture: 20 px to the right, 20 px up.
        $pulled = $this->edit($turned, 'pull-handle', ['layer' => 'b', 'frame' => 30, 'handle' => 'top-left', 'by' => [20, -20]]);
        self::assertEqualsWithDelta([$x + 10, $y - 10], $this->middle($pulled, 'b', 30), 0.01);
        // Half a turn about b's place, as the pointer goes.
        $spun = $this->edit(
            $turned, 'turn-layer', ['layer' => 'b', 'frame' => 30, 'path' => [[$x + 50, $y], [$x, $y + 50], [$x - 50, $y]]],
        );
        self::assertEqualsWithDelta(180, $spun->layer('b')->number('rotation', 30), 0.01);
    }

    public function test_groups_within_groups(): void
    {
        $nested = $this->edit($this->grouped(), 'group-layers', ['layers' => ['l1', 'low'], 'frame' => 30, 'name' => 'Both']);
        self::assertSame(['low', 'a', 'b', 'l1', 'l2', 'top'], $nested->layers->ids());
        self::assertSame(['l1', 'l2'], $nested->layers->tree()->above('a'));
        $this->assertSameFrames($this->composition(), $nested);
        $this->expectExceptionObject(new Refusal('“Both” cannot be in itself'));
        $this->edit($nested, 'reorder-layer', ['layer' => 'l2', 'to' => 0, 'group' => 'l1']);
    }

    public function test_a_group_that_does_something_is_not_ungrouped(): void
    {
        foreach ([
            'it has an animation of its own' => ['rotation' => Fixture::keyframes([0, 0], [20, 90])],
            'it has an animation of its own ' => ['cascades' => [['id' => 'c1', 'as' => 'arrive', 'units' => 'layers', 'length' => 10]]],
            'it is translucent' => ['opacity' => 50],
            'it has depth or is tilted' => ['tiltY' => 20],
            'it has depth or is tilted ' => ['z' => -40],
            'it is cut into patches' => ['patchwork' => ['rows' => 2, 'columns' => 2]],
            'it blends as one' => ['blend' => 'multiply'],
            'it is not on for as long as what is in it' => ['out' => 40],
            'it is stretched along one axis' => ['scale' => [100, 50]],
        ] as $reason => $fields) {
            try {
                $this->edit($this->with($this->grouped(), 'l1', $fields), 'ungroup-layers', ['layers' => ['l1']]);
                self::fail("was ungrouped though $reason");
            } catch (Refusal $refusal) {
                self::assertSame('“Group” cannot be ungrouped without changing what is seen: '.trim($reason), $refusal->getMessage());
            }
        }
        $moved = $this->with($this->grouped(), 'l1', ['position' => [700, 200], 'rotation' => 45, 'scale' => [-50, 50]]);
        $apart = $this->edit($moved, 'ungroup-layers', ['layers' => ['l1']]);
        foreach (['a', 'b'] as $id) {
            self::assertEqualsWithDelta($this->corners($moved, $id, 22), $this->corners($apart, $id, 22), 0.002);
        }
    }

    /**
     * @return iterable<string, array{array<string, mixed>, bool}> what a layer in the group has, and whether it can be had
     *     without the group where that is only moved
     */
    public static function doings(): iterable
    {
        $shared = [
            'fade', 'grow', 'swing', 'turn', 'widen', 'heighten', 'stretch', 'settle', 'overshoot', 'spring', 'focus',
            'flash', 'wipe', 'iris', 'blinds', 'clock', 'doors',
        ];
        foreach (array_keys(Moves::which(false)) as $move) {
            yield "it comes by $move" => [
                ['arrive' => ['moves' => [['move' => $move]], 'length' => 12]],
                in_array($move, $shared, true) ? true : null,
            ];
            yield "it goes by $move" => [['leave' => ['moves' => [['move' => $move]], 'length' => 12]], null];
        }
        foreach (array_keys(Accents::which(false)) as $accent) {
            yield "an accent: $accent" => [['accents' => [['accent' => $accent, 'at' => 10, 'length' => 12]]], null];
        }
        yield 'a mask that stays in the frame' => [
            ['masks' => [['id' => 'm1', 'form' => 'ellipse', 'fixed' => true, 'position' => [600, 300]]]], false,
        ];
        yield 'a mask that goes along' => [['masks' => [['id' => 'm1', 'form' => 'ellipse', 'feather' => 3]]], true];
        yield 'it turns along its way' => [['turnsAlong' => true], true];
        yield 'a shadow' => [['effects' => [['id' => 'e1', 'effect' => 'drop-shadow']]], true];
        yield 'depth' => [['z' => 120], true];
        yield 'a tilt' => [['tiltX' => 30, 'tiltY' => -20], true];
        yield 'repeats' => [['columns' => 3, 'stepTime' => 4], true];
    }

    /** @param  array<string, mixed>  $fields */
    #[DataProvider('doings')]
    public function test_what_is_in_a_group_is_seen_as_before_once_ungrouped_or_that_is_refused(array $fields, ?bool $isPossible): void
    {
        foreach ([
            ['position' => [620, 310]], ['rotation' => 30], ['scale' => [150, 150], 'position' => [700, 200]],
            ['scale' => [-80, 80], 'rotation' => 200],
        ] as $index => $placing) {
            $grouped = $this->with($this->with($this->grouped(), 'a', $fields), 'l1', $placing);
            try {
                $apart = $this->edit($grouped, 'ungroup-layers', ['layers' => ['l1']]);
                self::assertNotSame(false, $isPossible);
                for ($frame = 0; $frame < 90; $frame += 3) {
                    self::assertEqualsWithDelta($this->bounds($grouped, $frame), $this->bounds($apart, $frame), 0.1, "frame $frame");
                    self::assertEqualsWithDelta($this->clips($grouped, $frame), $this->clips($apart, $frame), 0.1, "frame $frame");
                }
            } catch (Refusal $refusal) {
                self::assertFalse($isPossible === true && $index === 0, $refusal->getMessage());
                self::assertStringContainsString('cannot be ungrouped without changing what is seen', $refusal->getMessage());
            }
        }
    }

    public function test_a_number_that_follows_a_place_in_a_group_is_not_changed_by_ungrouping(): void
    {
        $grouped = $this->with($this->grouped(), 'l1', ['position' => [1400, 300]]);
        $counting = $this->edit(
            $grouped, 'add-layer',
            ['layer' => ['kind' => 'text', 'text' => '#', 'counts' => ['of' => ['layer' => 'b', 'property' => 'position']]]],
        );
        $this->expectExceptionMessage('cannot be ungrouped without changing what is seen');
        $this->edit($counting, 'ungroup-layers', ['layers' => ['l1']]);
    }

    /** @return list<list<float>> of each thing that is drawn */
    private function bounds(Composition $composition, int $frame): array
    {
        return array_map(function (Operation $operation): array {
            $box = $operation->extent();

            return $box === null ? [] : [$box->left, $box->top, $box->right, $box->bottom];
        }, Fixture::evaluator()->frame($composition, $frame)->operations);
    }

    /** @return list<float> the numbers of all paths that something is clipped by */
    private function clips(Composition $composition, int $frame): array
    {
        $list = Fixture::evaluator()->frame($composition, $frame);
        $numbers = [];
        foreach ($list->toJson()['items'] as $item) {
            if (isset($item['clip'])) {
                preg_match_all('/-?[\d.]+/', $list->paths()[$item['clip']] ?? '', $found);
                array_push($numbers, ...array_map(floatval(...), $found[0]));
            }
        }

        return $numbers;
    }

    public function test_a_locked_group_keeps_what_is_in_it(): void
    {
        $locked = $this->edit($this->grouped(), 'set-layer', ['layers' => ['l1'], 'locked' => true]);
        $this->expectExceptionObject(new Refusal('“Group” is locked; unlock it first'));
        $this->edit($locked, 'drag-layers', ['layers' => ['a'], 'frame' => 0, 'by' => [1, 0]]);
    }

    public function test_groups_that_cannot_be_are_refused(): void
    {
        $group = ['id' => 'g', 'kind' => 'group', 'name' => 'Group', 'in' => 0, 'out' => 10];
        foreach ([
            '“Bar” is said to be in "g", which is no group' => [Fixture::bar(['group' => 'g'])],
            '“Bar” is said to be in "words", which is no group' => [Fixture::bar(['group' => 'words']), Fixture::words()],
            '“Group” cannot be in itself' => [[...$group, 'group' => 'h'], [...$group, 'id' => 'h', 'group' => 'g']],
        ] as $message => $layers) {
            try {
                Fixture::composition($layers);
                self::fail("$message: was accepted");
            } catch (Refusal $refusal) {
                self::assertStringEndsWith($message, $refusal->getMessage());
            }
        }
        $deep = fn (int $count): array => array_map(
            fn (int $at): array => [...$group, 'id' => "g$at", ...($at === 0 ? [] : ['group' => 'g'.($at - 1)])],
            range(0, $count),
        );
        self::assertCount(Tree::DEEPEST + 1, Fixture::composition($deep(Tree::DEEPEST))->layers);
        $this->expectExceptionMessage('groups lie within one another 24 deep at most');
        Fixture::composition($deep(Tree::DEEPEST + 1));
    }

    public function test_a_mask_may_lie_in_another_group_but_not_around_what_it_masks(): void
    {
        $moved = $this->with($this->grouped(), 'l1', ['position' => [560, 300]]);
        $masked = $this->edit($moved, 'add-mask', ['layers' => ['a'], 'form' => 'layer', 'layer' => 'top']);
        $part = $this->frame($masked, 30)[1]['masks'][0]['items'][0];
        self::assertEqualsWithDelta([800, 500], array_slice($part['matrix'], 4), 1e-6);
        $this->expectExceptionObject(new Refusal('“A” is in “Group”, which cannot be its mask'));
        $this->edit($moved, 'add-mask', ['layers' => ['a'], 'form' => 'layer', 'layer' => 'l1']);
    }

    public function test_what_moves_in_a_group_with_motion_blur_is_blurred_along_with_it(): void
    {
        $blurred = $this->with(
            $this->grouped(), 'l1',
            ['motionBlur' => true, 'position' => Fixture::keyframes([0, [500, 300]], [40, [1500, 300]])],
        );
        $items = $this->frame($blurred, 20);
        self::assertSame('samples', $items[1]['op']);
        $first = $items[1]['lists'][0];
        self::assertCount(2, $first);
        $last = $items[1]['lists'][count($items[1]['lists']) - 1];
        self::assertGreaterThan(5, abs($last[0]['matrix'][4] - $first[0]['matrix'][4]));
    }

    public function test_an_isolated_group_blends_with_nothing_beneath(): void
    {
        $blending = $this->with($this->grouped(), 'b', ['blend' => 'screen']);
        self::assertSame(['fill', 'fill', 'group', 'fill'], array_column($this->frame($blending, 30), 'op'));
        $isolated = $this->with($blending, 'l1', ['isolated' => true]);
        self::assertSame(['fill', 'group', 'fill'], array_column($this->frame($isolated, 30), 'op'));
    }

    private function composition(): Composition
    {
        $bar = fn (
            string $id, string $name, array $fields,
        ): array => Fixture::bar(['id' => $id, 'name' => $name, 'size' => [100, 60], ...$fields]);

        return Fixture::composition([
            $bar('low', 'Low', ['position' => [200, 200]]),
            $bar(
                'a', 'A',
                [
                    'position' => Fixture::keyframes([5, [400, 250], 'linear', 'start'], [25, [400, 300], 'linear', 'start']),
                    'in' => 5, 'out' => 60,
                ],
            ),
            $bar('b', 'B', ['position' => [600, 300], 'in' => 20, 'out' => 90]),
            $bar('top', 'Top', ['position' => [800, 500]]),
        ]);
    }

    private function grouped(): Composition
    {
        return $this->edit($this->composition(), 'group-layers', ['layers' => ['a', 'b'], 'frame' => 30]);
    }

    /** @param  array<string, mixed>  $args */
    private function edit(Composition $composition, string $edit, array $args): Composition
    {
        return Fixture::edit($composition, $edit, $args);
    }

    /** @param  array<string, mixed>  $fields */
    private function with(Composition $composition, string $id, array $fields): Composition
    {
        return $composition->replacing(Layer::read(new Node([...$composition->layer($id)->toJson(), ...$fields])));
    }

    /** @return list<array<string, mixed>> */
    private function frame(Composition $composition, int $frame): array
    {
        return json_decode(Fixture::evaluator()->frame($composition, $frame)->encode(), true)['items'];
    }

    /** @return list<array{float, float}> */
    private function corners(Composition $composition, string $id, int $frame): array
    {
        return json_decode(Fixture::evaluator()->pose($composition->layer($id), $composition, $frame)->encode(), true)['corners'];
    }

    /** @return array{float, float} */
    private function middle(Composition $composition, string $id, int $frame): array
    {
        $pose = Fixture::evaluator()->pose($composition->layer($id), $composition, $frame);
        $middle = $pose->matrix->apply($pose->box->centre());

        return [$middle->x, $middle->y];
    }

    private function assertSameFrames(Composition $before, Composition $after): void
    {
        foreach ([0, 10, 30, 45, 70, 95] as $frame) {
            self::assertSame($this->frame($before, $frame), $this->frame($after, $frame), "frame $frame");
        }
    }

    /** @return iterable<string, array{array<string, mixed>}> */
    public static function turned(): iterable
    {
        yield 'by itself' => [[]];
        yield 'along its way' => [['turnsAlong' => true, 'position' => Fixture::keyframes([0, [100, 100]], [50, [300, 100]])]];
        yield 'on and on' => [['rotation' => Fixture::keyframes([0, 500], [50, 1400])]];
    }

    /** @param  array<string, mixed>  $fields */
    #[DataProvider('turned')]
    public function test_whole_turns_stay_when_a_layer_comes_into_a_turned_group(array $fields): void
    {
        $before = Fixture::composition([
            Fixture::bar(['position' => [100, 100], 'rotation' => 500, ...$fields]),
            Fixture::bar(['id' => 'in', 'group' => 'g']),
            ['id' => 'g', 'kind' => 'group', 'name' => 'Group', 'in' => 0, 'out' => 100, 'rotation' => 30],
        ]);
        $after = Fixture::edit($before, 'reorder-layer', ['layer' => 'bar', 'to' => 1, 'group' => 'g', 'frame' => 0]);
        foreach ([0, 20, 50] as $frame) {
            self::assertEqualsWithDelta(
                $before->layer('bar')->number('rotation', $frame) - (isset($fields['turnsAlong']) ? 0 : 30),
                $after->layer('bar')->number('rotation', $frame), 1e-3, "frame $frame",
            );
        }
    }
}
