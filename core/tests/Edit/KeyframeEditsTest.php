<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Edit;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Refusal;
use Ricamo\Core\Tests\Fixture;

/** What is done to several keyframes at once, in time and in value. */
final class KeyframeEditsTest extends TestCase
{
    private const COURSE = [[0, [0, 0], 'cubic-out'], [10, [100, 0], 'hold'], [30, [100, 300], 'ease-in(80%)'], [60, [400, 300]]];

    private function travelling(array $course = self::COURSE): Composition
    {
        return Fixture::composition([Fixture::bar(['position' => Fixture::keyframes(...$course)])]);
    }

    /** @return array<int, array{list<float>, string}> the value and the easing of the position by frame */
    private function course(Composition $composition, string $property = 'position', string $layer = 'bar'): array
    {
        $layer = $composition->layer($layer);

        return array_map(
            fn ($keyframe): array => [$layer->kind->properties()[$property]->type->write($keyframe->value), (string) $keyframe->easing],
            $layer->properties[$property]->course($layer->span),
        );
    }

    private function all(Composition $composition, string $property = 'position'): array
    {
        return [['layer' => 'bar', 'property' => $property, 'frames' => array_keys($this->course($composition, $property))]];
    }

    private function done(string $edit, array $args = [], ?Composition $on = null): Composition
    {
        $on ??= $this->travelling();

        return Fixture::edit($on, $edit, ['keyframes' => $this->all($on), ...$args]);
    }

    /** @return list<list<float>> the position on each frame */
    private function positions(Composition $composition, int $from, int $to): array
    {
        return array_map(
            fn (int $frame): array => [
                $composition->layer('bar')->point('position', $frame)->x,
                $composition->layer('bar')->point('position', $frame)->y,
            ],
            range($from, $to),
        );
    }

    public function test_reversed_every_frame_comes_in_the_other_order_and_twice_is_nothing(): void
    {
        $reversed = $this->done('reverse-keyframes');
        self::assertEqualsWithDelta(array_reverse($this->positions($this->travelling(), 0, 60)), $this->positions($reversed, 0, 60), 1e-6);
        self::assertSame(['ease-out(80%)', 'jump', 'cubic-in', 'linear'], array_column($this->course($reversed), 1));
        self::assertEquals($this->course($this->travelling()), $this->course($this->done('reverse-keyframes', [], $reversed)));
    }

    public function test_mirrored_it_goes_back_the_way_it_came(): void
    {
        $mirrored = $this->done('mirror-keyframes');
        $there = $this->positions($this->travelling(), 0, 60);
        self::assertEqualsWithDelta([...$there, ...array_slice(array_reverse($there), 1)], $this->positions($mirrored, 0, 120), 1e-6);
    }

    public function test_stretched_from_either_end(): void
    {
        self::assertSame([0, 5, 15, 30], array_keys($this->course($this->done('stretch-keyframes', ['length' => 30]))));
        self::assertSame([30, 35, 45, 60], array_keys($this->course($this->done('stretch-keyframes', ['length' => 30, 'from' => 'last']))));
        $this->expectExceptionMessage('two keyframes would stand on frame 0');
        $this->done('stretch-keyframes', ['length' => 2]);
    }

    public function test_evened_out_in_time_and_in_pace(): void
    {
        self::assertSame([0, 20, 40, 60], array_keys($this->course($this->done('space-keyframes', ['by' => 'time']))));
        $paced = $this->done('space-keyframes', ['by' => 'distance']);
        // 100, 300 and 300 pixels: 60 frames in shares of 1 : 3 : 3 are 8.57, 25.71 and 25.71.
        self::assertSame([0, 8, 34, 60], array_keys($this->course($paced)));
    }

    public function test_at_one_pace_no_step_differs_from_the_mean_by_more_than_rounding_allows(): void
    {
        mt_srand(11);
        for ($round = 0; $round < 40; $round++) {
            $course = [];
            for ($i = 0, $frame = 0; $i < 6; $i++, $frame += mt_rand(5, 60)) {
                $course[] = [$frame, [mt_rand(0, 1900), mt_rand(0, 1000)]];
            }
            $paced = $this->done('space-keyframes', ['by' => 'distance'], $this->travelling($course));
            $at = array_keys($this->course($paced));
            $lengths = $distances = [];
            for ($i = 1; $i < 6; $i++) {
                $lengths[] = $at[$i] - $at[$i - 1];
                $distances[] = hypot($course[$i][1][0] - $course[$i - 1][1][0], $course[$i][1][1] - $course[$i - 1][1][1]);
            }
            $frames = array_sum($lengths);
            foreach ($lengths as $i => $length) {
                self::assertLessThanOrEqual(
                    1.0001,
                    abs($length - max(1, $frames * $distances[$i] / array_sum($distances))) - ($length === 1 ? 1 : 0),
                );
            }
        }
    }

    public function test_made_equal_to_a_neighbour_whole_or_along_one_axis(): void
    {
        $level = fn (array $frames, array $args): array => array_column($this->course(Fixture::edit($this->travelling(), 'equalise-keyframes', [
            'keyframes' => [['layer' => 'bar', 'property' => 'position', 'frames' => $frames]], ...$args,
        ])), 0);
        self::assertSame([[0.0, 0.0], [100.0, 0.0], [100.0, 0.0], [400.0, 300.0]], $level([30], ['to' => 'previous']));
        self::assertSame([[0.0, 0.0], [100.0, 300.0], [100.0, 300.0], [400.0, 300.0]], $level([10], ['to' => 'next']));
        self::assertSame([[0.0, 300.0], [100.0, 300.0], [100.0, 300.0], [400.0, 300.0]], $level([0, 10], ['to' => 'next', 'axis' => 'y']));
        self::assertSame([[0.0, 0.0], [0.0, 0.0], [0.0, 0.0], [400.0, 300.0]], $level([10, 30], ['to' => 'previous']));
        $this->expectExceptionMessage('the keyframe on frame 0 is the first one');
        $level([0], ['to' => 'previous']);
    }

    public function test_repeated_it_stands_truly_still_and_goes_on_as_before(): void
    {
        $repeated = Fixture::edit($this->travelling(), 'repeat-keyframe', ['layers' => ['bar'], 'frame' => 20]);
        self::assertSame(
            [[0.0, 0.0], [100.0, 0.0], [100.0, 0.0], [100.0, 300.0], [400.0, 300.0]],
            array_column($this->course($repeated), 0),
        );
        $over = Fixture::edit($this->travelling(), 'repeat-keyframe', ['layers' => ['bar'], 'properties' => ['position'], 'frame' => 60]);
        self::assertSame([[100.0, 300.0], 'linear'], $this->course($over)[60]);
        self::assertEquals($this->positions($this->travelling(), 0, 30), $this->positions($over, 0, 30));
        $this->expectExceptionMessage('there is no keyframe before frame 0');
        Fixture::edit($this->travelling(), 'repeat-keyframe', ['layers' => ['bar'], 'frame' => 0]);
    }

    public function test_values_are_shifted_as_far_as_they_go(): void
    {
        $shifted = $this->done('shift-values', ['by' => -40, 'channel' => 1]);
        self::assertSame([[0.0, -40.0], [100.0, -40.0], [100.0, 260.0], [400.0, 260.0]], array_column($this->course($shifted), 0));
        $faded = Fixture::composition([Fixture::bar(['opacity' => Fixture::keyframes([0, 20], [10, 90])])]);
        self::assertSame(
            [50.0, 100.0],
            array_column(
                $this->course(Fixture::edit($faded, 'shift-values', ['keyframes' => $this->all($faded, 'opacity'), 'by' => 30]), 'opacity'),
                0,
            ),
        );
    }

    public function test_written_out_and_thinned_again_the_course_stays_within_the_tolerance(): void
    {
        $on = $this->travelling([[0, [0, 0], 'cubic-out'], [50, [1000, 400], 'ease-in-out(60%)'], [90, [200, 900]]]);
        $written = $this->done('sample-keyframes', ['every' => 2], $on);
        self::assertCount(46, $this->course($written));
        foreach (range(0, 90, 2) as $frame) {
            self::assertEqualsWithDelta(
                $on->layer('bar')->point('position', $frame), $written->layer('bar')->point('position', $frame), 1e-9,
            );
        }
        $thinned = $this->done('thin-keyframes', ['tolerance' => 5], $written);
        self::assertLessThan(30, count($this->course($thinned)));
        foreach (range(0, 90) as $frame) {
            $off = $written->layer('bar')->point('position', $frame)->minus($thinned->layer('bar')->point('position', $frame));
            self::assertLessThanOrEqual(5.001, hypot($off->x, $off->y), "frame $frame");
        }
    }

    /** A way that bends at each of its keyframes, in random places. */
    private function bending(int $seed): Composition
    {
        mt_srand($seed);
        $pair = fn (int $far): array => [mt_rand(-$far, $far), mt_rand(-$far, $far)];
        $keyframes = array_map(fn (int $number): array => [
            'at' => 12 * $number + mt_rand(0, 5), 'value' => $pair(500),
            'easing' => ['linear', 'ease-in-out(60%)', 'cubic-out', 'glide'][mt_rand(0, 3)],
            'bend' => ['arrive' => $pair(150), 'leave' => $pair(150)],
        ], range(0, 7));

        return Fixture::composition([Fixture::bar(['out' => 200, 'position' => ['keyframes' => $keyframes]])], ['length' => 250]);
    }

    public function test_a_way_that_bends_is_gone_back_along_the_same_bends(): void
    {
        foreach (range(1, 12) as $seed) {
            $before = $this->bending($seed);
            $last = max(array_keys($this->course($before)));
            $first = min(array_keys($this->course($before)));
            $there = $this->positions($before, $first, $last);
            self::assertEqualsWithDelta(
                [...$there, ...array_slice(array_reverse($there), 1)],
                $this->positions($this->done('mirror-keyframes', [], $before), $first, 2 * $last - $first), 0.01,
                "seed $seed",
            );
            self::assertEqualsWithDelta(
                array_reverse($there), $this->positions($this->done('reverse-keyframes', [], $before), $first, $last), 0.01,
                "seed $seed",
            );
        }
    }

    public function test_mirrored_with_others_that_end_later_it_rests_until_then(): void
    {
        $before = $this->bending(3);
        $last = max(array_keys($this->course($before)));
        $later = Fixture::edit(
            $before, 'paste-keyframes',
            [
                'layers' => ['bar'], 'at' => 10,
                'copied' => [[
                    'layer' => 'bar', 'property' => 'opacity',
                    'keyframes' => [['frame' => 0, 'value' => 0], ['frame' => $last, 'value' => 90]],
                ]],
            ],
        );
        $mirrored = Fixture::edit($later, 'mirror-keyframes', ['keyframes' => [...$this->all($later), ...$this->all($later, 'opacity')]]);
        $there = $this->positions($before, 0, $last);
        self::assertEqualsWithDelta(
            [...$there, ...array_fill(0, 20, end($there)), ...array_slice(array_reverse($there), 1)],
            $this->positions($mirrored, 0, 2 * $last + 20), 0.01,
        );
    }

    public function test_thinned_with_bends_and_easings_no_frame_is_farther_off_than_it_may(): void
    {
        foreach (range(1, 12) as $seed) {
            $before = $this->bending($seed);
            foreach ([0.5, 3.0, 40.0] as $tolerance) {
                foreach ([$before, $this->done('sample-keyframes', ['every' => 3], $before)] as $on) {
                    $thinned = $this->done('thin-keyframes', ['tolerance' => $tolerance], $on);
                    self::assertLessThanOrEqual(count($this->course($on)), count($this->course($thinned)));
                    foreach (range(0, 110) as $frame) {
                        $off = $on->layer('bar')->point('position', $frame)->minus($thinned->layer('bar')->point('position', $frame));
                        self::assertLessThanOrEqual($tolerance + 0.01, hypot($off->x, $off->y), "seed $seed, $tolerance, frame $frame");
                    }
                }
            }
        }
    }

    public function test_pasted_onto_other_layers_and_properties_and_backwards(): void
    {
        $two = Fixture::composition([
            Fixture::bar(['position' => Fixture::keyframes(...self::COURSE)]),
            Fixture::bar(['id' => 'other', 'in' => 20, 'out' => 220]),
        ]);
        $copied = [[
            'layer' => 'bar', 'property' => 'position',
            'keyframes' => [['frame' => 10, 'value' => [1, 2], 'easing' => 'cubic-out'], ['frame' => 25, 'value' => [3, 4]]],
        ]];
        $pasted = Fixture::edit($two, 'paste-keyframes', ['layers' => ['other'], 'at' => 50, 'copied' => $copied]);
        self::assertSame([50 => [[1.0, 2.0], 'cubic-out'], 65 => [[3.0, 4.0], 'linear']], $this->course($pasted, 'position', 'other'));
        $backwards = Fixture::edit(
            $two, 'paste-keyframes',
            ['layers' => ['other'], 'at' => 50, 'copied' => $copied, 'backwards' => true, 'property' => 'anchor'],
        );
        self::assertSame([50 => [[3.0, 4.0], 'cubic-in'], 65 => [[1.0, 2.0], 'linear']], $this->course($backwards, 'anchor', 'other'));
    }

    public function test_several_properties_are_keyframed_at_once(): void
    {
        $after = Fixture::edit(
            $this->travelling(), 'add-keyframe',
            ['layers' => ['bar'], 'properties' => ['position', 'scale', 'rotation'], 'frame' => 5],
        );
        self::assertSame([5], array_keys($this->course($after, 'scale')));
        self::assertSame([0, 5, 10, 30, 60], array_keys($this->course($after)));
    }

    public function test_new_keyframes_late_in_a_layer_stay_with_its_end(): void
    {
        $composition = Fixture::composition([Fixture::bar(['in' => 0, 'out' => 100])]);
        foreach ([0, 20, 80, 99] as $frame) {
            $composition = Fixture::edit($composition, 'add-keyframe', ['layers' => ['bar'], 'property' => 'opacity', 'frame' => $frame]);
        }
        $longer = Fixture::edit($composition, 'trim-layer', ['layer' => 'bar', 'out' => 160]);
        self::assertSame([0, 20, 140, 159], array_keys($this->course($longer, 'opacity')));
    }

    #[TestWith(['chosen', [0, 4, 8, 12]])]
    #[TestWith(['reversed', [12, 8, 4, 0]])]
    #[TestWith(['middle', [4, 0, 0, 4]])]
    #[TestWith(['place', [8, 0, 12, 4]])]
    public function test_staggered_layers_begin_one_after_another_and_keep_their_shape(string $order, array $begins): void
    {
        $layers = [];
        foreach ([500, 100, 900, 300] as $index => $x) {
            $layers[] = Fixture::bar([
                'id' => "l$index", 'in' => 3 * $index, 'out' => 60 + 7 * $index, 'position' => [$x, 200],
                'opacity' => Fixture::keyframes([0, 0], [10, 100]),
            ]);
        }
        $before = Fixture::composition($layers);
        $after = Fixture::edit($before, 'stagger-layers', ['layers' => ['l0', 'l1', 'l2', 'l3'], 'by' => 4, 'order' => $order]);
        foreach (range(0, 3) as $index) {
            [$was, $is] = [$before->layer("l$index"), $after->layer("l$index")];
            self::assertSame([$begins[$index], $was->span->length()], [$is->span->in, $is->span->length()]);
            foreach (range(0, 40) as $frame) {
                self::assertSame($was->number('opacity', $was->span->in + $frame), $is->number('opacity', $is->span->in + $frame));
            }
        }
    }

    public function test_shuffled_by_a_seed_it_is_an_order_and_the_same_again(): void
    {
        $layers = array_map(fn (int $index): array => Fixture::bar(['id' => "l$index"]), range(0, 9));
        $begins = fn (int $seed): array => array_map(
            fn ($layer): int => $layer->span->in,
            iterator_to_array(Fixture::edit(
                Fixture::composition($layers), 'stagger-layers',
                ['layers' => array_column($layers, 'id'), 'by' => 2, 'order' => 'shuffled', 'seed' => $seed],
            )->layers),
        );
        self::assertSame($begins(4), $begins(4));
        self::assertNotSame($begins(4), $begins(5));
        $sorted = $begins(4);
        sort($sorted);
        self::assertSame(range(0, 18, 2), $sorted);
    }

    #[TestWith(['stagger-layers', ['layers' => ['bar'], 'by' => 3], 'several layers can be staggered, one cannot'])]
    #[TestWith([
        'space-keyframes',
        ['keyframes' => [['layer' => 'bar', 'property' => 'position', 'frames' => [0, 10]]], 'by' => 'colour'],
        'args.by: must be "time" or "distance"',
    ])]
    #[TestWith([
        'equalise-keyframes',
        ['keyframes' => [['layer' => 'bar', 'property' => 'position', 'frames' => [10]]], 'to' => 'previous', 'axis' => 'z'],
        'position has no axis z',
    ])]
    #[TestWith([
        'shift-values', ['keyframes' => [['layer' => 'bar', 'property' => 'position', 'frames' => [11]]], 'by' => 1],
        'has no keyframe of position on frame 11',
    ])]
    #[TestWith([
        'sample-keyframes',
        ['keyframes' => [['layer' => 'bar', 'property' => 'position', 'frames' => [0, 10]]], 'every' => 0],
        'args.every: 0 is outside',
    ])]
    #[TestWith([
        'paste-keyframes',
        [
            'layers' => ['bar'], 'at' => 0,
            'copied' => [['layer' => 'x', 'property' => 'level', 'keyframes' => [['frame' => 0, 'value' => 1]]]],
        ],
        'the chosen layers have none of these properties',
    ])]
    public function test_what_makes_no_sense_is_refused(string $edit, array $args, string $says): void
    {
        $this->expectException(Refusal::class);
        $this->expectExceptionMessage($says);
        Fixture::edit($this->travelling(), $edit, $args);
    }

    public function test_two_are_enough_to_be_staggered(): void
    {
        $two = Fixture::composition([Fixture::bar(['in' => 6]), Fixture::words(['in' => 2])]);
        $after = Fixture::edit($two, 'stagger-layers', ['layers' => ['bar', 'words'], 'by' => 5]);
        self::assertSame([2, 7], [$after->layer('bar')->span->in, $after->layer('words')->span->in]);
    }
}
