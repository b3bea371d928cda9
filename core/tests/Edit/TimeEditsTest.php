<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Edit;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Evaluate\SoundCue;
use Ricamo\Core\Evaluate\SoundPlan;
use Ricamo\Core\Refusal;
use Ricamo\Core\Tests\Fixture;

/** Where layers are in time. What is seen of them is judged on the frames, not on the document. */
final class TimeEditsTest extends TestCase
{
    private const POSITION = ['keyframes' => [
        ['at' => 0, 'value' => [0, 0], 'easing' => 'cubic-out'], ['at' => 20, 'value' => [400, 100]],
        ['at' => -16, 'value' => [400, 100], 'easing' => 'back-in(2)', 'pin' => 'end'], ['at' => -1, 'value' => [0, 300], 'pin' => 'end'],
    ]];

    /** A clip of 25 in 60 a second, so that cuts fall within its frames, and an animated bar and words above it. */
    private function composition(string $rate = '60/1'): Composition
    {
        return Fixture::composition([
            Fixture::clip(['in' => 10, 'out' => 130, 'from' => 3]),
            Fixture::bar([
                'in' => 20, 'out' => 120, 'position' => self::POSITION,
                'opacity' => Fixture::keyframes([5, 0, 'elastic-out(1.5, 0.4)'], [60, 100]),
            ]),
            Fixture::words([
                'in' => 40, 'out' => 90,
                'rotation' => Fixture::keyframes([-5, 0], [10, 90, 'hold'], [30, 180, 'linear', 'start']),
            ]),
        ], ['rate' => $rate, 'length' => 150]);
    }

    /** @return list<string> what is seen on each frame */
    private function frames(Composition $composition): array
    {
        return array_map(
            fn (int $frame): string => Fixture::evaluator()->frame($composition, $frame)->encode(),
            range(0, $composition->length - 1),
        );
    }

    /** @return list<array{float, float, float}> what is heard, pieces that follow on each other as one */
    private function heard(Composition $composition): array
    {
        $cues = array_map(
            fn (SoundCue $cue): array => array_values(array_filter($cue->toJson(), is_numeric(...))),
            SoundPlan::of($composition, Fixture::media(), $composition->range()),
        );
        usort($cues, fn (array $a, array $b): int => $a[1] <=> $b[1]);
        $joined = [];
        foreach ($cues as [$from, $at, $length]) {
            $last = array_key_last($joined);
            if (
                $last !== null
                && abs($joined[$last][1] + $joined[$last][2] - $at) < 1e-6
                && abs($joined[$last][0] + $joined[$last][2] - $from) < 0.02
            ) {
                $joined[$last][2] = round($joined[$last][2] + $length, 6);
            } else {
                $joined[] = [$from, $at, $length];
            }
        }

        return $joined;
    }

    #[TestWith([['clip']])]
    #[TestWith([['bar']])]
    #[TestWith([['words']])]
    #[TestWith([['clip', 'bar', 'words']])]
    public function test_splitting_changes_nothing_on_any_frame(array $layers): void
    {
        foreach (['60/1', '25/1', '30000/1001'] as $rate) {
            $before = $this->composition($rate);
            foreach ([41, 63, 89] as $at) {
                $after = Fixture::edit($before, 'split-layers', ['layers' => $layers, 'at' => $at]);
                self::assertCount(3 + count($layers), $after->layers);
                self::assertSame($this->frames($before), $this->frames($after), "$rate at $at");
                self::assertEqualsWithDelta($this->heard($before), $this->heard($after), 0.02);
                // And again, within both halves.
                $again = Fixture::edit(
                    Fixture::edit($after, 'split-layers', ['layers' => $after->layers->ids(), 'at' => $at + 1]),
                    'split-layers', ['layers' => $after->layers->ids(), 'at' => $at - 1],
                );
                self::assertSame($this->frames($before), $this->frames($again));
            }
        }
    }

    #[TestWith(['up', []])]
    #[TestWith(['down', []])]
    #[TestWith(['up', ['number' => ['keyframes' => [['at' => 5, 'value' => 3], ['at' => 40, 'value' => 250]]]]])]
    #[TestWith(['down', ['counts' => ['runs' => 'down', 'time' => true, 'decimals' => 2], 'number' => 3599]])]
    public function test_numbers_that_run_run_on_through_a_split(string $way, array $fields): void
    {
        foreach (['25/1', '30000/1001'] as $rate) {
            $before = Fixture::composition(
                [Fixture::words(['text' => '# s', 'in' => 7, 'out' => 103, 'counts' => ['runs' => $way, 'decimals' => 3], ...$fields])],
                ['rate' => $rate, 'length' => 110],
            );
            $after = Fixture::edit($before, 'split-layers', ['layers' => ['words'], 'at' => 52]);
            self::assertSame($this->frames($before), $this->frames($after));
            $again = Fixture::edit($after, 'split-layers', ['layers' => $after->layers->ids(), 'at' => 30]);
            self::assertSame(
                $this->frames($before),
                $this->frames(Fixture::edit($again, 'split-layers', ['layers' => $again->layers->ids(), 'at' => 80])),
            );
            self::assertCount(2, array_unique(array_slice($this->frames($before), 50, 2)), 'it runs');
        }
    }

    #[TestWith([['bar']])]
    #[TestWith([['bar', 'clip']])]
    #[TestWith([['words', 'bar']])]
    public function test_what_is_masked_by_a_layer_that_is_split_stays_masked(array $layers): void
    {
        foreach ([false, true] as $inverted) {
            $mask = ['id' => 'm1', 'form' => 'layer', 'layer' => 'bar', 'inverted' => $inverted];
            $before = Fixture::composition([
                Fixture::clip(['in' => 0, 'out' => 100, 'masks' => [$mask]]),
                Fixture::words(['in' => 60, 'out' => 100, 'masks' => [$mask]]),
                Fixture::bar(['in' => 10, 'out' => 90, 'position' => self::POSITION]),
            ], ['length' => 110]);
            // Where the words have begun, too.
            foreach ([50, 60] as $at) {
                self::assertSame(
                    $this->frames($before),
                    $this->frames(Fixture::edit($before, 'split-layers', ['layers' => $layers, 'at' => $at])),
                );
            }
        }
    }

    public function test_what_is_in_a_group_stays_masked_when_both_are_split(): void
    {
        $before = Fixture::composition([
            Fixture::clip(['masks' => [['id' => 'm1', 'form' => 'layer', 'layer' => 'bar']], 'group' => 'g']),
            ['id' => 'g', 'kind' => 'group', 'name' => 'Group', 'in' => 0, 'out' => 100],
            Fixture::bar(['in' => 10, 'out' => 90]),
        ], ['length' => 110]);
        self::assertSame(
            $this->frames($before),
            $this->frames(Fixture::edit($before, 'split-layers', ['layers' => ['bar', 'g'], 'at' => 50])),
        );
    }

    public function test_a_part_lies_right_above_the_one_before_it_and_keeps_its_name(): void
    {
        $after = Fixture::edit($this->composition(), 'split-layers', ['layers' => ['clip', 'words'], 'at' => 50]);
        self::assertSame(['clip', 'l1', 'bar', 'words', 'l2'], $after->layers->ids());
        self::assertSame(
            ['Clip', 10, 50, 50, 130],
            [
                $after->layer('l1')->name, $after->layer('clip')->span->in, $after->layer('clip')->span->out,
                $after->layer('l1')->span->in, $after->layer('l1')->span->out,
            ],
        );
    }

    #[TestWith([['bar'], 20])]
    #[TestWith([['bar'], 120])]
    #[TestWith([['words', 'bar'], 140])]
    public function test_there_is_nothing_to_split_at_an_end_or_beyond(array $layers, int $at): void
    {
        $this->expectExceptionMessage("no layer goes on across frame $at");
        Fixture::edit($this->composition(), 'split-layers', ['layers' => $layers, 'at' => $at]);
    }

    public function test_slipping_shows_another_part_in_the_same_place_and_there_and_back_is_nothing(): void
    {
        $before = $this->composition();
        $after = $before;
        for ($step = 0; $step < 30; $step++) {
            $after = Fixture::edit($after, 'slip-layers', ['layers' => ['clip'], 'by' => 1]);
        }
        $moved = Fixture::edit(
            Fixture::edit($before, 'move-layers', ['layers' => ['clip'], 'by' => -30]), 'trim-layer',
            ['layer' => 'clip', 'in' => 10, 'out' => 130],
        );
        self::assertSame($this->frames($moved), $this->frames($after));
        self::assertSame($before->toJson(), Fixture::edit($after, 'slip-layers', ['layers' => ['clip', 'bar'], 'by' => -30])->toJson());
        // No earlier than its beginning: three frames of 25 are seven of 60.
        $first = Fixture::edit($before, 'slip-layers', ['layers' => ['clip'], 'by' => -100]);
        self::assertSame($first->toJson(), Fixture::edit($before, 'slip-layers', ['layers' => ['clip'], 'by' => -7])->toJson());
        $this->expectExceptionMessage('nothing plays in what is selected');
        Fixture::edit($before, 'slip-layers', ['layers' => ['bar'], 'by' => 3]);
    }

    /** @return iterable<string, array{array<string, mixed>, array<string, array{int, int}>}> */
    public static function fits(): iterable
    {
        yield 'beneath' => [['layers' => ['bar'], 'to' => 'beneath'], ['bar' => [10, 130]]];
        yield 'beneath, the first that is not selected' => [
            ['layers' => ['words', 'bar'], 'to' => 'beneath'], ['bar' => [10, 130], 'words' => [10, 130]],
        ];
        yield 'the composition' => [['layers' => ['bar', 'words'], 'to' => 'composition'], ['bar' => [0, 150], 'words' => [0, 150]]];
        yield 'a clip begins no earlier than its beginning' => [['layers' => ['clip'], 'to' => 'composition'], ['clip' => [3, 150]]];
        yield 'the first frame' => [['layers' => ['bar', 'words'], 'to' => 'first', 'at' => 55], ['bar' => [55, 120], 'words' => [55, 90]]];
        yield 'the last frame' => [['layers' => ['bar', 'words'], 'to' => 'last', 'at' => 55], ['bar' => [20, 56], 'words' => [40, 56]]];
    }

    /**
     * @param  array<string, mixed>  $args
     * @param  array<string, array{int, int}>  $expected
     */
    #[DataProvider('fits')]
    public function test_layers_are_made_as_long_as_something_else(array $args, array $expected): void
    {
        $after = Fixture::edit($this->composition(), 'fit-layers', $args);
        foreach ($expected as $id => [$in, $out]) {
            self::assertSame([$in, $out], [$after->layer($id)->span->in, $after->layer($id)->span->out], $id);
        }
        // Arrival and leaving stay with their ends, and a clip with its time.
        $before = $this->composition();
        if (isset($expected['bar'])) {
            foreach ([0, 10, 20] as $after_in) {
                self::assertEquals(
                    $before->layer('bar')->value('position', 20 + $after_in),
                    $after->layer('bar')->value('position', $expected['bar'][0] + $after_in),
                );
            }
            self::assertEquals(
                $before->layer('bar')->value('position', 112),
                $after->layer('bar')->value('position', $expected['bar'][1] - 8),
            );
        }
    }

    /** @return iterable<string, array{string, array<string, mixed>, string}> */
    public static function refused(): iterable
    {
        yield 'nothing beneath' => ['fit-layers', ['layers' => ['clip'], 'to' => 'beneath'], 'nothing lies beneath “Clip”'];
        yield 'the first after the end' => [
            'fit-layers', ['layers' => ['words'], 'to' => 'first', 'at' => 90], '“Words” ends before frame 90',
        ];
        yield 'the last before the beginning' => [
            'fit-layers', ['layers' => ['words'], 'to' => 'last', 'at' => 39], '“Words” begins after frame 39',
        ];
        yield 'no frame' => ['fit-layers', ['layers' => ['words'], 'to' => 'last'], 'args.at: is missing'];
        yield 'no edge' => ['place-layers', ['layers' => ['words'], 'edge' => 'beneath', 'at' => 3], 'args.edge: must be "first" or "last"'];
        yield 'unknown' => [
            'fit-layers', ['layers' => ['words'], 'to' => 'moon'],
            'args.to: "moon" is not one of beneath, composition, content, first, last',
        ];
        yield 'media of another project' => [
            'paste-layers', ['layers' => [Fixture::clip(['media' => 'm7'])]],
            'args.layers[0].media: “Clip” shows media that are not in this project',
        ];
        yield 'nothing to paste' => ['paste-layers', ['layers' => []], 'args.layers: is empty'];
        yield 'no layer' => ['paste-layers', ['layers' => [['kind' => 'text']]], 'args.layers[0].'];
    }

    /** @param  array<string, mixed>  $args */
    #[DataProvider('refused')]
    public function test_what_makes_no_sense_is_refused(string $edit, array $args, string $says): void
    {
        $this->expectException(Refusal::class);
        $this->expectExceptionMessage($says);
        Fixture::edit($this->composition(), $edit, $args);
    }

    public function test_layers_move_together_so_that_an_end_comes_to_the_playhead(): void
    {
        $after = Fixture::edit($this->composition(), 'place-layers', ['layers' => ['bar', 'words'], 'edge' => 'first', 'at' => 5]);
        self::assertSame([5, 25], [$after->layer('bar')->span->in, $after->layer('words')->span->in]);
        $after = Fixture::edit($this->composition(), 'place-layers', ['layers' => ['words', 'bar'], 'edge' => 'last', 'at' => 149]);
        self::assertSame([150, 120], [$after->layer('bar')->span->out, $after->layer('words')->span->out]);
    }

    public function test_a_copy_after_shows_the_same_again(): void
    {
        $before = $this->composition();
        $after = Fixture::edit($before, 'duplicate-layers', ['layers' => ['words'], 'after' => true]);
        self::assertSame(['clip', 'bar', 'words', 'l1'], $after->layers->ids());
        self::assertSame([90, 140], [$after->layer('l1')->span->in, $after->layer('l1')->span->out]);
        for ($frame = 40; $frame < 90; $frame++) {
            self::assertEquals($before->layer('words')->value('rotation', $frame), $after->layer('l1')->value('rotation', $frame + 50));
        }
    }

    public function test_what_comes_after_a_removed_layer_closes_the_gap(): void
    {
        $before = Fixture::composition([
            Fixture::bar(['id' => 'a', 'in' => 0, 'out' => 40]),
            Fixture::bar(['id' => 'b', 'in' => 40, 'out' => 60, 'position' => self::POSITION]),
            Fixture::bar(['id' => 'c', 'in' => 60, 'out' => 100, 'position' => self::POSITION]),
            Fixture::words(['id' => 'across', 'in' => 30, 'out' => 90]), Fixture::words(['id' => 'later', 'in' => 150, 'out' => 160]),
        ]);
        $spans = fn (Composition $one): array => array_map(fn ($span): array => [$span->in, $span->out], $one->layers->spans());
        $after = Fixture::edit($before, 'remove-and-close', ['layers' => ['b']]);
        self::assertSame(['a' => [0, 40], 'c' => [40, 80], 'across' => [30, 90], 'later' => [130, 140]], $spans($after));
        self::assertEquals($before->layer('c')->value('position', 66), $after->layer('c')->value('position', 46));
        // Those that overlap are one gap.
        self::assertSame(
            ['across' => [30, 90], 'later' => [50, 60]],
            $spans(Fixture::edit($before, 'remove-and-close', ['layers' => ['c', 'a', 'b']])),
        );
    }

    public function test_pasted_layers_are_the_same_at_the_same_time_or_begin_at_the_playhead(): void
    {
        $before = $this->composition();
        $copied = [Fixture::json($before, 'bar'), Fixture::json($before, 'words')];
        $after = Fixture::edit($before, 'paste-layers', ['layers' => $copied]);
        self::assertSame(['clip', 'bar', 'words', 'l1', 'l2'], $after->layers->ids());
        self::assertSame(array_diff_key($copied[0], ['id' => 0]), array_diff_key(Fixture::json($after, 'l1'), ['id' => 0]));
        $elsewhere = Fixture::edit(Fixture::composition(), 'paste-layers', ['layers' => $copied, 'at' => 100]);
        self::assertSame(
            [[100, 200], [120, 170]],
            array_map(fn (string $id): array => [$elsewhere->layer($id)->span->in, $elsewhere->layer($id)->span->out], ['l1', 'l2']),
        );
        self::assertEquals($before->layer('bar')->value('position', 27), $elsewhere->layer('l1')->value('position', 107));
    }

    public function test_locked_layers_change_by_no_edit_and_say_so(): void
    {
        $locked = Fixture::edit($this->composition(), 'set-layer', ['layers' => ['bar'], 'locked' => true]);
        $routes = [
            ['move-layers', ['layers' => ['words', 'bar'], 'by' => 3]], ['remove-layers', ['layers' => ['bar']]],
            ['split-layers', ['layers' => ['bar'], 'at' => 50]],
            ['set-values', ['frame' => 0, 'values' => [['layer' => 'bar', 'property' => 'opacity', 'value' => 1]]]],
            ['set-layer', ['layers' => ['bar'], 'visible' => false]],
            ['set-layer', ['layers' => ['bar'], 'visible' => false, 'locked' => false]],
            ['rename-layer', ['layer' => 'bar', 'name' => 'X']],
            ['remove-keyframes', ['keyframes' => [['layer' => 'bar', 'property' => 'position', 'frames' => [20]]]]],
            ['set-composition', ['rate' => '25/1']], ['trim-layer', ['layer' => 'bar', 'in' => 30]],
        ];
        foreach ($routes as [$edit, $args]) {
            try {
                Fixture::edit($locked, $edit, $args);
                self::fail("$edit changed it");
            } catch (Refusal $refusal) {
                self::assertSame('“Bar” is locked; unlock it first', $refusal->getMessage(), $edit);
            }
        }
        self::assertSame(10, Fixture::edit($locked, 'set-composition', ['length' => 10])->length);
        self::assertSame(
            $this->composition()->toJson(),
            Fixture::edit($locked, 'set-layer', ['layers' => ['bar'], 'locked' => false])->toJson(),
        );
    }
}
