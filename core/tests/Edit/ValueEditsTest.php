<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Edit;

use PHPUnit\Framework\TestCase;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Refusal;
use Ricamo\Core\Tests\Fixture;

/** Values at the playhead, keyframes, easing and pins. */
final class ValueEditsTest extends TestCase
{
    private function still(): Composition
    {
        return Fixture::composition([Fixture::bar(['position' => [100, 200], 'opacity' => 80])]);
    }

    private function moving(): Composition
    {
        return Fixture::composition([Fixture::bar([
            'position' => Fixture::keyframes([0, [0, 0], 'cubic-out'], [20, [100, 50]]),
            'opacity' => Fixture::keyframes([0, 0], [10, 100], [-10, 100, 'quad-in', 'end'], [-1, 0, 'linear', 'end']),
        ])]);
    }

    /** @return array<string, mixed> */
    private function set(
        mixed $value, string $property = 'position', int $frame = 10, string $scope = 'playhead', ?string $axis = null,
    ): array {
        return [
            'frame' => $frame, 'scope' => $scope,
            'values' => [['layer' => 'bar', 'property' => $property, 'value' => $value, ...($axis ? ['axis' => $axis] : [])]],
        ];
    }

    public function test_without_keyframes_a_value_changes_as_a_whole(): void
    {
        $after = Fixture::edit($this->still(), 'set-values', $this->set([5, 6]));
        self::assertEquals([5, 6], Fixture::json($after, 'bar')['position']);
    }

    public function test_rounding_in_per_cent_is_of_the_shorter_side_so_that_half_is_a_pill(): void
    {
        $bar = Fixture::composition([Fixture::bar(['size' => [400, 120], 'rounding' => 3])]);
        $set = fn (
            Composition $of, mixed $value, string $property = 'rounding',
        ): Composition => Fixture::edit($of, 'set-values', $this->set($value, $property));
        $pill = $set($bar, '50%');
        self::assertSame('50%', Fixture::json($pill, 'bar')['rounding']);
        self::assertSame('10%', Fixture::json($set($bar, '10%', 'roundTopLeft'), 'bar')['roundTopLeft']);
        foreach ([['24', 24.0], ['2*(10% + 6)', '12 + 20%'], ['+=10%', '60%'], ['/=2', '25%'], ['+=8', '8 + 50%']] as [$typed, $expected]) {
            self::assertSame($expected, Fixture::json($set($pill, $typed), 'bar')['rounding'], $typed);
        }
        $this->expectExceptionMessage('-10 is outside 0..100000');
        $set($pill, '-10%');
    }

    public function test_a_change_of_what_it_is_is_worked_out_for_each_of_several_layers(): void
    {
        $two = Fixture::composition([
            Fixture::bar(['id' => 'a', 'opacity' => 40, 'position' => [100, 50], 'rotation' => 10]),
            Fixture::bar(['id' => 'b', 'opacity' => 60, 'position' => [300, 80], 'rotation' => 350]),
        ]);
        $values = fn (string $property, string $change, ?string $axis = null): array => array_map(
            fn (string $id): array => ['layer' => $id, 'property' => $property, 'value' => $change]
                + ($axis === null ? [] : ['axis' => $axis]),
            ['a', 'b'],
        );
        foreach ([
            ['opacity', '+=20', null, [60, 80]], ['opacity', ' -= 4*5', null, [20, 40]],
            ['opacity', '*=1.5', null, [60, 90]], ['opacity', '/=2', null, [20, 30]],
            ['rotation', '+=1t', null, [370, 710]], ['position', '+=w/2', 'x', [[1060, 50], [1260, 80]]],
            ['position', '*=2', 'y', [[100, 100], [300, 160]]],
        ] as [$property, $change, $axis, $expected]) {
            $after = Fixture::edit($two, 'set-values', ['frame' => 0, 'values' => $values($property, $change, $axis)]);
            self::assertEquals(
                $expected, [Fixture::json($after, 'a')[$property], Fixture::json($after, 'b')[$property]],
                "$property $change",
            );
        }
        $this->expectExceptionMessage('args.values[0].value: divides by nothing');
        Fixture::edit($two, 'set-values', ['frame' => 0, 'values' => $values('opacity', '/=0')]);
    }

    public function test_a_change_beyond_what_may_be_is_refused(): void
    {
        $this->expectExceptionMessage('110 is outside 0..100');
        Fixture::edit(
            Fixture::composition([Fixture::bar(['opacity' => 90])]), 'set-values',
            ['frame' => 0, 'values' => [['layer' => 'bar', 'property' => 'opacity', 'value' => '+=20']]],
        );
    }

    public function test_sums_are_worked_out(): void
    {
        $after = Fixture::edit($this->still(), 'set-values', $this->set('w/2 - 10', axis: 'x'));
        self::assertEquals([950, 200], Fixture::json($after, 'bar')['position']);
        $after = Fixture::edit($this->still(), 'set-values', $this->set('1.5t', 'rotation'));
        self::assertEquals(540, Fixture::json($after, 'bar')['rotation']);
        $after = Fixture::edit($this->still(), 'set-composition', ['width' => '50%', 'height' => 'w/4']);
        self::assertSame([960, 480], [$after->width, $after->height]);
        foreach ([
            ['opacity', '2*60', 'value: 120 is outside 0..100'], ['rotation', 'w/', 'something is missing'],
            ['fill', 'w/2', 'is not a colour'],
        ] as [$property, $sum, $says]) {
            try {
                Fixture::edit($this->still(), 'set-values', $this->set($sum, $property));
                self::fail("$sum was accepted");
            } catch (Refusal $refusal) {
                self::assertStringContainsString($says, $refusal->getMessage());
            }
        }
    }

    public function test_with_keyframes_a_value_becomes_a_keyframe_at_the_playhead(): void
    {
        $after = Fixture::edit($this->moving(), 'set-values', $this->set([5, 6]));
        $keyframes = Fixture::json($after, 'bar')['position']['keyframes'];
        self::assertSame([0, 10, 20], array_column($keyframes, 'at'));
        self::assertEquals([5, 6], $keyframes[1]['value']);
        // It splits the segment and keeps its easing.
        self::assertSame('cubic-out', $keyframes[1]['easing']);
    }

    public function test_on_a_keyframe_the_value_replaces_it(): void
    {
        $keyframes = Fixture::json(
            Fixture::edit($this->moving(), 'set-values', $this->set([5, 6], frame: 0)), 'bar',
        )['position']['keyframes'];
        self::assertCount(2, $keyframes);
        self::assertEquals([[5, 6], 'cubic-out'], [$keyframes[0]['value'], $keyframes[0]['easing']]);
    }

    public function test_a_keyframe_after_one_pinned_to_the_end_is_pinned_there_too(): void
    {
        $keyframes = Fixture::json(
            Fixture::edit($this->moving(), 'set-values', $this->set(40, 'opacity', 95)), 'bar',
        )['opacity']['keyframes'];
        self::assertSame(
            [['start', 0], ['start', 10], ['end', -10], ['end', -5], ['end', -1]],
            array_map(fn (array $one): array => [$one['pin'], $one['at']], $keyframes),
        );
    }

    public function test_the_whole_animation_is_shifted_on_request(): void
    {
        $before = $this->moving();
        $after = Fixture::edit($before, 'set-values', $this->set([100, 50], frame: 0, scope: 'whole'));
        foreach ([0, 7, 13, 20, 60] as $frame) {
            $moved = $after->layer('bar')->point('position', $frame)->minus($before->layer('bar')->point('position', $frame));
            self::assertEqualsWithDelta(100, $moved->x, 1e-9);
            self::assertEqualsWithDelta(50, $moved->y, 1e-9);
        }
    }

    public function test_what_comes_from_nothing_still_does_when_all_of_it_becomes_larger(): void
    {
        $grows = Fixture::keyframes([0, [0, 50]], [10, [100, 100]], [20, [0, 50]]);
        $before = Fixture::composition([Fixture::bar([
            'scale' => $grows, 'size' => $grows, 'opacity' => Fixture::keyframes([0, 0], [10, 60], [20, 0]),
            'outlineWidth' => Fixture::keyframes([0, 0], [10, 8], [20, 0]), 'rotation' => Fixture::keyframes([0, 0], [10, 90], [20, 0]),
            'rounding' => Fixture::keyframes([0, 0], [10, '50%']),
        ])]);
        $values = fn (string $property, mixed $value): array => array_column(Fixture::json(
            Fixture::edit($before, 'set-values', $this->set($value, $property, 10, 'whole')), 'bar',
        )[$property]['keyframes'], 'value');
        self::assertSame([[0.0, 50.0], [130.0, 100.0], [0.0, 50.0]], $values('scale', [130, 100]));
        self::assertSame([[0.0, 60.0], [50.0, 120.0], [0.0, 60.0]], $values('size', [50, 120]));
        self::assertSame([0.0, 45.0, 0.0], $values('opacity', 45));
        self::assertSame([0.0, 12.0, 0.0], $values('outlineWidth', 12));
        // A turn is added, and so is what can be a share.
        self::assertSame([10.0, 100.0, 10.0], $values('rotation', 100));
        self::assertSame(['10%', '60%'], $values('rounding', '60%'));
    }

    public function test_what_is_attached_and_words_grow_by_as_many_times_too(): void
    {
        $grows = fn (float $to): array => Fixture::keyframes([0, 1], [10, $to]);
        $composition = Fixture::composition([
            Fixture::words(['typeSize' => $grows(40), 'boxWidth' => $grows(300)]),
            Fixture::bar([
                'effects' => [['id' => 'e1', 'effect' => 'blur', 'radius' => $grows(20)]], 'brush' => ['form' => 'dotted', 'size' => $grows(50)],
                'masks' => [['id' => 'm1', 'form' => 'rectangle', 'feather' => $grows(8), 'opacity' => $grows(60), 'rotation' => $grows(30)]],
            ]),
        ]);
        $first = function (string $layer, string $property, float $to) use ($composition): float {
            $values = [['layer' => $layer, 'property' => $property, 'value' => $to]];

            return Fixture::edit($composition, 'set-values', ['frame' => 10, 'values' => $values, 'scope' => 'whole'])->layer($layer)->number($property, 0);
        };
        foreach ([
            ['words', 'typeSize', 60.0], ['words', 'boxWidth', 450.0], ['bar', 'e1.radius', 30.0], ['bar', 'b1.size', 75.0],
            ['bar', 'm1.feather', 12.0], ['bar', 'm1.opacity', 90.0],
        ] as [$layer, $property, $to]) {
            self::assertSame(1.5, $first($layer, $property, $to), $property);
        }
        self::assertSame(16.0, $first('bar', 'm1.rotation', 45.0), 'a turn is added');
        $sized = Fixture::composition([Fixture::bar([
            'masks' => [['id' => 'm1', 'form' => 'ellipse', 'size' => Fixture::keyframes([0, [0, 40]], [10, [100, 80]])]],
        ])]);
        $after = Fixture::edit($sized, 'set-values', $this->set([150, 40], 'm1.size', 10, 'whole'))->layer('bar')->size('m1.size', 0);
        self::assertSame([0.0, 20.0], [$after->width, $after->height]);
    }

    public function test_of_a_path_every_knot_goes_as_far_on_every_keyframe(): void
    {
        $before = Fixture::composition([Fixture::bar([
            'form' => 'path', 'path' => Fixture::keyframes([0, 'M0 0L10 0L10 10Z'], [10, 'M0 0L20 0L20 5Z'], [20, 'M0 0L9 9']),
        ])]);
        $after = Fixture::edit($before, 'set-values', $this->set('M0 0L12 0L10 13Z', 'path', 0, 'whole'));
        self::assertSame(
            // The last has other knots: it becomes what the one at the playhead became.
            ['M0 0L12 0L10 13Z', 'M0 0L22 0L20 8Z', 'M0 0L12 0L10 13Z'],
            array_column(Fixture::json($after, 'bar')['path']['keyframes'], 'value'),
        );
    }

    public function test_nothing_cannot_be_multiplied(): void
    {
        $before = Fixture::composition([Fixture::bar(['outlineWidth' => Fixture::keyframes([0, 0], [10, 8])])]);
        $this->expectExceptionMessage('Outline width is 0 on this frame: to change the whole animation, go to where it is more');
        Fixture::edit($before, 'set-values', $this->set(3, 'outlineWidth', 0, 'whole'));
    }

    public function test_changing_out_of_range_is_refused(): void
    {
        $this->expectExceptionMessage('rotation: 20000000 is outside');
        $turning = Fixture::composition([Fixture::bar(['rotation' => Fixture::keyframes([0, 0], [10, 1e7])])]);
        Fixture::edit($turning, 'set-values', $this->set(1e7, 'rotation', 0, 'whole'));
    }

    public function test_one_axis_leaves_the_other(): void
    {
        self::assertEquals(
            [7, 200],
            Fixture::json(Fixture::edit($this->still(), 'set-values', $this->set(7, axis: 'x')), 'bar')['position'],
        );
        self::assertEquals(
            [480, 9],
            Fixture::json(Fixture::edit($this->still(), 'set-values', $this->set(9, 'size', axis: 'y')), 'bar')['size'],
        );
    }

    public function test_a_linked_scale_keeps_its_proportions(): void
    {
        $linked = Fixture::composition([Fixture::bar(['scale' => [100, 50], 'scaleLinked' => true])]);
        self::assertEquals(
            [200, 100],
            Fixture::json(Fixture::edit($linked, 'set-values', $this->set(200, 'scale', axis: 'x')), 'bar')['scale'],
        );
        $free = Fixture::composition([Fixture::bar(['scale' => [100, 50], 'scaleLinked' => false])]);
        self::assertEquals(
            [200, 50],
            Fixture::json(Fixture::edit($free, 'set-values', $this->set(200, 'scale', axis: 'x')), 'bar')['scale'],
        );
    }

    public function test_values_out_of_range_or_of_another_kind_are_refused_with_their_place(): void
    {
        foreach ([
            ['args.values[0].value: 130 is outside 0..100', $this->set(130, 'opacity')],
            ['args.values[0].value: must be a list', $this->set(130)],
            ['args.values[0].property: "typeSize" is not a property of a shape layer', $this->set(1, 'typeSize')],
            ['args.values[0].axis: opacity has no axes', $this->set(1, 'opacity', axis: 'x')],
            ['args.values[0].axis: must be "x" or "y"', $this->set(1, axis: 'z')],
            ['args.scope: "all" is not one of playhead, whole', $this->set([1, 1], scope: 'all')],
        ] as [$says, $args]) {
            try {
                Fixture::edit($this->still(), 'set-values', $args);
                self::fail("$says: was accepted");
            } catch (Refusal $refusal) {
                self::assertSame($says, $refusal->getMessage());
            }
        }
    }

    public function test_several_values_are_set_together_or_not_at_all(): void
    {
        $before = Fixture::composition([Fixture::bar(), Fixture::words()]);
        $values = [
            ['layer' => 'bar', 'property' => 'opacity', 'value' => 5],
            ['layer' => 'words', 'property' => 'typeSize', 'value' => 90],
        ];
        $after = Fixture::edit($before, 'set-values', ['frame' => 0, 'values' => $values]);
        self::assertSame([5.0, 90.0], [$after->layer('bar')->number('opacity', 0), $after->layer('words')->number('typeSize', 0)]);
        $this->expectException(Refusal::class);
        Fixture::edit(
            $before, 'set-values',
            ['frame' => 0, 'values' => [$values[0], ['layer' => 'words', 'property' => 'typeSize', 'value' => 0]]],
        );
    }

    public function test_a_value_is_reset_to_what_a_new_layer_has(): void
    {
        $json = Fixture::json(Fixture::edit($this->moving(), 'reset-value', ['layer' => 'bar', 'property' => 'opacity']), 'bar');
        self::assertEquals(100, $json['opacity']);
        $json = Fixture::json(Fixture::edit($this->moving(), 'reset-value', ['layer' => 'bar', 'property' => 'position']), 'bar');
        self::assertEquals([960, 540], $json['position']);
    }

    public function test_a_keyframe_is_made_of_the_value_that_is_there_and_changes_nothing_else(): void
    {
        $before = $this->moving();
        $after = Fixture::edit(
            Fixture::edit($before, 'add-keyframe', ['layers' => ['bar'], 'property' => 'opacity', 'frame' => 5]),
            'add-keyframe', ['layers' => ['bar'], 'property' => 'rotation', 'frame' => 5],
        );
        foreach (range(0, 99) as $frame) {
            self::assertEqualsWithDelta(
                $before->layer('bar')->number('opacity', $frame), $after->layer('bar')->number('opacity', $frame), 1e-9,
            );
        }
        self::assertCount(1, Fixture::json($after, 'bar')['rotation']['keyframes']);
    }

    /**
     * @param  list<int>  $frames
     * @return array{keyframes: list<array<string, mixed>>}
     */
    private function of(string $property, array $frames): array
    {
        return ['keyframes' => [['layer' => 'bar', 'property' => $property, 'frames' => $frames]]];
    }

    public function test_keyframes_are_moved_eased_pinned_and_removed_by_their_frames(): void
    {
        $bar = fn (string $edit, array $frames, array $args = []): array => Fixture::json(
            Fixture::edit($this->moving(), $edit, [...$this->of('opacity', $frames), ...$args]), 'bar',
        )['opacity']['keyframes'];
        self::assertSame([3, 13, -10, -1], array_column($bar('move-keyframes', [0, 10], ['by' => 3]), 'at'));
        self::assertSame(
            ['linear', 'linear', 'expo-out', 'linear'],
            array_column($bar('set-easing', [90], ['easing' => 'expo-out']), 'easing'),
        );
        self::assertSame([0, -90, -10, -1], array_column($bar('set-pin', [10], ['pin' => 'end']), 'at'));
        self::assertSame([0, -10, -1], array_column($bar('remove-keyframes', [10]), 'at'));
    }

    public function test_a_property_of_several_layers_is_keyframed_at_once(): void
    {
        $before = Fixture::composition([
            Fixture::bar(['opacity' => 70]),
            Fixture::words(['in' => 10, 'opacity' => Fixture::keyframes([0, 0], [20, 100])]),
        ]);
        $after = Fixture::edit($before, 'add-keyframe', ['layers' => ['bar', 'words'], 'property' => 'opacity', 'frame' => 20]);
        self::assertEquals(
            [[20, 70]],
            array_map(fn (array $one): array => [$one['at'], $one['value']], Fixture::json($after, 'bar')['opacity']['keyframes']),
        );
        self::assertEquals(
            [[0, 0], [10, 50], [20, 100]],
            array_map(fn (array $one): array => [$one['at'], $one['value']], Fixture::json($after, 'words')['opacity']['keyframes']),
        );
        $this->expectExceptionMessage('args.property: "typeSize" is not a property of a shape layer');
        Fixture::edit($before, 'add-keyframe', ['layers' => ['words', 'bar'], 'property' => 'typeSize', 'frame' => 20]);
    }

    public function test_keyframes_of_several_properties_move_together(): void
    {
        $after = Fixture::edit(
            $this->moving(), 'move-keyframes',
            ['keyframes' => [...$this->of('position', [0, 20])['keyframes'], ...$this->of('opacity', [10])['keyframes']], 'by' => 4],
        );
        self::assertSame([4, 24], array_column(Fixture::json($after, 'bar')['position']['keyframes'], 'at'));
        self::assertSame([0, 14, -10, -1], array_column(Fixture::json($after, 'bar')['opacity']['keyframes'], 'at'));
    }

    public function test_a_moved_keyframe_takes_the_place_of_one_it_lands_on(): void
    {
        $after = Fixture::edit($this->moving(), 'move-keyframes', [...$this->of('position', [0]), 'by' => 20]);
        $keyframes = Fixture::json($after, 'bar')['position']['keyframes'];
        self::assertCount(1, $keyframes);
        self::assertEquals([0, 0], $keyframes[0]['value']);
    }

    public function test_a_keyframe_that_lands_on_one_of_the_other_pin_takes_its_place(): void
    {
        // Opacity has keyframes on 0, 10, and from the end on 90 and 99.
        $after = Fixture::edit($this->moving(), 'move-keyframes', [...$this->of('opacity', [10]), 'by' => 80]);
        self::assertSame(
            [['start', 0], ['start', 90], ['end', -1]],
            array_map(fn (array $one): array => [$one['pin'], $one['at']], Fixture::json($after, 'bar')['opacity']['keyframes']),
        );
        $after = Fixture::edit($after, 'remove-keyframes', $this->of('opacity', [90]));
        self::assertSame([0, -1], array_column(Fixture::json($after, 'bar')['opacity']['keyframes'], 'at'));
    }

    public function test_without_its_last_keyframe_a_property_is_constant_again(): void
    {
        $after = Fixture::edit($this->moving(), 'remove-keyframes', $this->of('position', [0, 20]));
        self::assertEquals([0, 0], Fixture::json($after, 'bar')['position']);
    }

    public function test_a_keyframe_that_is_not_there_is_refused(): void
    {
        $this->expectExceptionMessage('args.keyframes[0].frames[0]: "Bar" has no keyframe of position on frame 11');
        Fixture::edit($this->moving(), 'move-keyframes', [...$this->of('position', [11]), 'by' => 1]);
    }
}
