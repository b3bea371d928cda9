<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Move;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Move\ChosenMove;
use Ricamo\Core\Move\Moves;
use Ricamo\Core\Move\Scenery;
use Ricamo\Core\Refusal;
use Ricamo\Core\Tests\Fixture;

final class LifeTest extends TestCase
{
    /** A bar that drifts all the while, so that rest is not the same on any two frames. */
    private function composition(array $life): Composition
    {
        return Fixture::composition([Fixture::bar([
            'size' => [400, 100], 'in' => 20, 'out' => 120,
            'position' => Fixture::keyframes([0, [500, 300]], [100, [900, 800]]),
            'rotation' => Fixture::keyframes([0, 0], [100, 90]), ...$life,
        ])]);
    }

    private function items(Composition $composition, int $frame): array
    {
        $list = Fixture::evaluator()->frame($composition, $frame)->toJson();

        return array_map(fn (array $item): array => $item, $list['items']);
    }

    /** @return iterable<string, array{string}> */
    public static function moves(): iterable
    {
        foreach (array_keys(Moves::which(false)) as $name) {
            yield $name => [$name];
        }
    }

    #[DataProvider('moves')]
    public function test_under_any_move_it_passes_exactly_through_its_resting_pose_during_the_stay(string $move): void
    {
        $phase = ['length' => 30, 'moves' => [['move' => $move]]];
        $moving = $this->composition(['arrive' => $phase, 'leave' => ['mirror' => true]]);
        $resting = $this->composition([]);
        foreach ([50, 51, 70, 88, 89] as $frame) {
            self::assertSame($this->items($resting, $frame), $this->items($moving, $frame), "frame $frame");
        }
        foreach ([27, 112] as $frame) {
            self::assertNotSame($this->items($resting, $frame), $this->items($moving, $frame), "frame $frame");
        }
    }

    #[DataProvider('moves')]
    public function test_mirrored_is_reversed_and_follows_when_the_arrival_changes(string $move): void
    {
        // At one place, so that the pose is the same on the way in and out.
        $still = Fixture::composition([Fixture::bar([
            'size' => [400, 100], 'in' => 20, 'out' => 120, 'position' => [700, 400],
            'arrive' => ['length' => 30, 'easing' => 'cubic-out', 'moves' => [['move' => $move]]],
            'leave' => ['mirror' => true],
        ])]);
        $longer = Fixture::edit(
            $still, 'set-arrival',
            ['layers' => ['bar'], 'phase' => ['length' => 40, 'easing' => 'quad-in', 'moves' => [['move' => $move]]]],
        );
        foreach ([$still, $longer] as $composition) {
            foreach ([0, 1, 7, 20, 39] as $step) {
                self::assertEqualsWithDelta(
                    $this->items($composition, 20 + $step), $this->items($composition, 119 - $step), 1e-4, "step $step",
                );
            }
        }
    }

    #[DataProvider('moves')]
    public function test_away_nothing_of_it_is_seen(string $move): void
    {
        $seen = [];
        foreach ($this->items($this->composition(['arrive' => ['length' => 30, 'moves' => [['move' => $move]]]]), 20) as $item) {
            $clip = $item['clip'] ?? null;
            [$a, $b, $c, $d, $e, $f] = $item['matrix'] ?? [1, 0, 0, 1, 0, 0];
            // What is clipped is seen nowhere where its clip does not meet the bar, which rests from 300 to 700 and 250 to 350.
            if (
                $clip === null
                && (new Affine($a, $b, $c, $d, $e, $f))->bounds(new Box(-200, -50, 200, 50))
                    ->intersection(new Box(0, 0, 1920, 1080)) !== null
            ) {
                $seen[] = $item;
            }
        }
        self::assertSame([], $seen);
    }

    public function test_it_slides_from_just_so_far_that_nothing_is_seen(): void
    {
        $scenery = new Scenery(new Box(600, 200, 900, 400), new Point(750, 300), 1920, 1080);
        $at = fn (float $angle): Affine => (new ChosenMove(Moves::all()['slide'], ['angle' => $angle, 'distance' => 0.0]))->move->at(
            0, ['angle' => $angle, 'distance' => 0.0], $scenery,
        )->matrix;
        self::assertEqualsWithDelta([-900.0, 0.0], [$at(180)->e, $at(180)->f], 1e-9);
        self::assertEqualsWithDelta([1320.0, 0.0], [$at(0)->e, $at(0)->f], 1e-9);
        self::assertEqualsWithDelta([0.0, -400.0], [$at(270)->e, $at(270)->f], 1e-9);
        // At 45° downwards the lower edge is reached first: 880 down, and as far to the right.
        self::assertEqualsWithDelta([880.0, 880.0], [$at(45)->e, $at(45)->f], 1e-9);
    }

    public function test_its_outline_is_out_of_the_frame_too(): void
    {
        $composition = Fixture::composition([Fixture::bar([
            'size' => [400, 100], 'position' => [700, 400], 'outline' => '#ffffff', 'outlineWidth' => 40,
            'arrive' => ['length' => 10, 'easing' => 'linear', 'moves' => [['move' => 'slide']]],
        ])]);
        self::assertEqualsWithDelta(700 - (900 + 20), $this->items($composition, 0)[0]['matrix'][4], 1e-6);
    }

    public function test_moves_work_together(): void
    {
        $composition = Fixture::composition([Fixture::bar([
            'size' => [400, 100], 'position' => [700, 400],
            'arrive' => [
                'length' => 10, 'easing' => 'linear',
                'moves' => [['move' => 'drift', 'angle' => 90, 'distance' => 100], ['move' => 'turn', 'turn' => 90]],
            ],
        ])]);
        [$fill] = $this->items($composition, 5);
        // Half the way down and half turned; opacity is half of half.
        self::assertEqualsWithDelta([cos(deg2rad(-45)), sin(deg2rad(-45))], array_slice($fill['matrix'], 0, 2), 1e-6);
        self::assertSame('#40', '#'.substr($fill['colour'] ?? '', 7) ?: '');
    }

    public function test_cut_in_two_while_it_moves_no_frame_changes(): void
    {
        foreach ([['mirror' => true], ['length' => 25, 'easing' => 'back-in', 'moves' => [['move' => 'spin-in']]]] as $leave) {
            $whole = $this->composition([
                'arrive' => ['length' => 30, 'easing' => 'back-out', 'moves' => [['move' => 'grow'], ['move' => 'slide']]],
                'leave' => $leave,
            ]);
            foreach ([21, 35, 50, 70, 95, 100, 119] as $at) {
                $cut = Fixture::edit($whole, 'split-layers', ['layers' => ['bar'], 'at' => $at]);
                foreach (range(20, 119) as $frame) {
                    self::assertEqualsWithDelta($this->items($whole, $frame), $this->items($cut, $frame), 1e-4, "cut at $at, frame $frame");
                }
            }
        }
    }

    public function test_trimmed_it_arrives_and_leaves_as_before(): void
    {
        $still = Fixture::composition([Fixture::bar([
            'size' => [400, 100], 'in' => 20, 'out' => 120, 'position' => [700, 400],
            'arrive' => ['length' => 30, 'moves' => [['move' => 'slide']]],
            'leave' => ['length' => 10, 'easing' => 'linear', 'moves' => [['move' => 'fade']]],
        ])]);
        $trimmed = Fixture::edit(
            Fixture::edit($still, 'trim-layer', ['layer' => 'bar', 'in' => 50]), 'trim-layer',
            ['layer' => 'bar', 'out' => 200],
        );
        foreach (range(0, 30) as $step) {
            self::assertSame($this->items($still, 20 + $step), $this->items($trimmed, 50 + $step));
            self::assertSame($this->items($still, 119 - $step % 15), $this->items($trimmed, 199 - $step % 15));
        }
    }

    public function test_a_length_and_an_easing_are_the_moves_own_where_nothing_is_said(): void
    {
        $set = Fixture::edit(
            Fixture::composition([Fixture::bar()]), 'set-arrival',
            ['layers' => ['bar'], 'phase' => ['moves' => [['move' => 'drop']]]],
        );
        self::assertSame(
            ['length' => 25, 'easing' => 'bounce-out', 'moves' => [['move' => 'drop', 'angle' => 270.0]]],
            $set->layer('bar')->toJson()['arrive'],
        );
        $left = Fixture::edit($set, 'set-leaving', ['layers' => ['bar'], 'phase' => ['moves' => [['move' => 'drop']]]]);
        self::assertSame('bounce-in', $left->layer('bar')->toJson()['leave']['easing']);
        $none = Fixture::edit($left, 'set-arrival', ['layers' => ['bar']]);
        self::assertArrayNotHasKey('arrive', $none->layer('bar')->toJson());
        self::assertSame(60, Fixture::edit($set, 'set-composition', ['rate' => '60/1'])->layer('bar')->life->arrive?->length);
    }

    #[DataProvider('moves')]
    public function test_written_out_as_keyframes_no_frame_changes(string $move): void
    {
        $moving = Fixture::composition([Fixture::bar([
            'size' => [400, 100], 'in' => 20, 'out' => 120,
            'position' => Fixture::keyframes([0, [500, 300]], [100, [900, 800]]), 'opacity' => 80,
            'arrive' => ['length' => 20, 'moves' => [['move' => $move], ['move' => 'fade']]], 'leave' => ['mirror' => true],
        ])]);
        if (in_array($move, ['lift', 'wipe', 'iris', 'doors', 'blinds', 'clock'], true)) {
            $this->expectExceptionMessage('is uncovered bit by bit');
        }
        if (in_array($move, ['focus', 'flash', 'streak', 'light'], true)) {
            $this->expectExceptionMessage('is blurred or lit as it comes');
        }
        if ($move === 'copies') {
            $this->expectExceptionMessage('is seen several times over as it comes');
        }
        if (Moves::all()[$move]->leavesPlane()) {
            $this->expectExceptionMessage('leaves the picture’s plane as it comes');
        }
        $written = Fixture::edit($moving, 'write-moves-out', ['layers' => ['bar']]);
        self::assertTrue($written->layer('bar')->life->isPlain());
        foreach (range(20, 119) as $frame) {
            self::assertEqualsWithDelta($this->items($moving, $frame), $this->items($written, $frame), 2e-3, "frame $frame");
        }
    }

    public function test_dissolving_in_light_it_is_drawn_and_added(): void
    {
        $items = fn (int $frame): array => $this->items(Fixture::composition([Fixture::bar([
            'opacity' => 80, 'arrive' => ['length' => 20, 'easing' => 'linear', 'moves' => [['move' => 'light']]],
        ])]), $frame);
        self::assertSame([], $items(0));
        [$added] = $items(5);
        self::assertSame([1, 'plus-lighter'], [count($items(5)), $added['blend']]);
        self::assertStringEndsWith('66', $added['items'][0]['colour'], '80 % of a half is 40 %, of 255 that is 0x66');
        self::assertSame([null, 'plus-lighter'], array_map(fn (array $one): ?string => $one['blend'] ?? null, $items(15)));
        self::assertSame([null], array_map(fn (array $one): ?string => $one['blend'] ?? null, $items(20)));
    }

    public function test_it_comes_out_of_a_blur_and_out_of_a_flash_that_is_as_wide_in_a_bundle_as_outside(): void
    {
        $filters = fn (string $move, int $frame): array => $this->items(
            Fixture::composition([Fixture::bar(['arrive' => ['length' => 20, 'easing' => 'linear', 'moves' => [['move' => $move]]]])]),
            $frame,
        )[0]['filters'] ?? [];
        self::assertEquals([['filter' => 'blur', 'deviation' => 15]], $filters('focus', 10));
        self::assertEquals(
            [4, 4, 4],
            [$filters('flash', 10)[0]['values'][0], $filters('flash', 10)[0]['values'][6], $filters('flash', 10)[0]['values'][12]],
        );
        self::assertSame(['move', 'means'], array_column($filters('streak', 10), 'filter'));
        foreach (['focus', 'flash', 'streak'] as $move) {
            self::assertSame([], $filters($move, 20));
        }
    }

    public function test_copies_come_with_all_that_is_done_to_the_layer_wherever_it_is(): void
    {
        $bar = Fixture::bar([
            'size' => [400, 100], 'position' => [700, 400], 'group' => 'g',
            'masks' => [['id' => 'm1', 'form' => 'rectangle', 'size' => [100, 100]]],
            'effects' => [['id' => 'e1', 'effect' => 'invert']],
            'arrive' => ['length' => 20, 'easing' => 'linear', 'moves' => [['move' => 'copies', 'copies' => 2]]],
        ]);
        $group = ['id' => 'g', 'kind' => 'group', 'name' => 'Group', 'in' => 0, 'out' => 100, 'scale' => [50, 50]];
        $composition = Fixture::composition([$bar, $group]);
        $items = $this->items($composition, 10);
        $kept = json_encode($items);
        self::assertIsString($kept);
        // Three times: masked and inverted each, 300 and 150 px of the group's to the left, which are half of that in the frame.
        self::assertSame(3, substr_count($kept, '"masks"'));
        self::assertSame(3, substr_count($kept, '"filters"'));
        preg_match_all('/"op":"fill","path":"[0-9a-f]+","matrix":\[0.5,0,0,0.5,([-0-9.]+),/', $kept, $found);
        $xs = array_map(floatval(...), $found[1]);
        self::assertSame([0.0, 75.0, 150.0], array_values(array_unique(array_map(fn (float $x): float => $x - min($xs), $xs))));
        self::assertCount(1, $this->items($composition, 20));
        // Blurred by its motion, each moment has them all.
        $blurred = $this->items(Fixture::composition([Fixture::bar([
            'motionBlur' => true, 'position' => Fixture::keyframes([0, [0, 400]], [20, [800, 400]]), 'arrive' => $bar['arrive'],
        ])]), 10);
        self::assertSame('samples', $blurred[0]['op']);
        self::assertSame([3], array_values(array_unique(array_map(count(...), $blurred[0]['lists']))));
        // So are they where the layer itself stands still.
        $standing = $this->items(Fixture::composition([Fixture::bar(['motionBlur' => true, 'arrive' => $bar['arrive']])]), 10);
        self::assertSame('samples', $standing[0]['op']);
    }

    public function test_both_ends_at_once(): void
    {
        $set = Fixture::edit(
            Fixture::composition([Fixture::bar()]), 'set-ends',
            ['layers' => ['bar'], 'phase' => ['moves' => [['move' => 'fade']]]],
        )->layer('bar')->toJson();
        self::assertSame([15, ['mirror' => true]], [$set['arrive']['length'], $set['leave']]);
    }

    public function test_what_has_no_moves_cannot_be_written_out_and_what_is_heard_cannot_arrive(): void
    {
        $sound = ['id' => 'hum', 'kind' => 'sound', 'media' => 'm1', 'name' => 'Hum', 'in' => 0, 'out' => 50];
        foreach ([
            ['set-arrival', ['layers' => ['hum'], 'phase' => ['moves' => [['move' => 'fade']]]], '“Hum” is not seen; it cannot arrive'],
            ['write-moves-out', ['layers' => ['bar']], '“Bar” neither arrives nor leaves by a move'],
        ] as [$edit, $args, $says]) {
            try {
                Fixture::edit(Fixture::composition([Fixture::bar(), $sound]), $edit, $args);
                self::fail('it was done');
            } catch (Refusal $refusal) {
                self::assertStringContainsString($says, $refusal->getMessage());
            }
        }
    }

    #[TestWith([['moves' => [['move' => 'teleport']]], '"teleport" is not a move'])]
    #[TestWith([['moves' => []], 'args.phase.moves: is empty'])]
    #[TestWith([['moves' => [['move' => 'slide', 'speed' => 3]]], 'speed'])]
    #[TestWith([['length' => 0, 'moves' => [['move' => 'slide']]], 'args.phase.length: 0 is outside'])]
    #[TestWith([['moves' => [['move' => 'blinds', 'strips' => 900]]], 'args.phase.moves[0].strips: 900 is outside 1..60'])]
    public function test_what_makes_no_sense_is_refused(array $phase, string $says): void
    {
        $this->expectException(Refusal::class);
        $this->expectExceptionMessage($says);
        Fixture::edit(Fixture::composition([Fixture::bar()]), 'set-arrival', ['layers' => ['bar'], 'phase' => $phase]);
    }

    public function test_the_inner_end_of_coming_and_going_is_pulled(): void
    {
        $composition = Fixture::composition([Fixture::bar([
            'arrive' => ['length' => 20, 'moves' => [['move' => 'fade']]],
            'leave' => ['length' => 12, 'moves' => [['move' => 'fade']]],
        ])]);
        $pulled = function (Composition $of, string $side, int $by): array {
            $life = Fixture::edit($of, 'pull-phase', ['layer' => 'bar', 'side' => $side, 'by' => $by])->layer('bar')->life;

            return [$life->arrive?->length, $life->leave?->length];
        };
        self::assertSame([26, 12], $pulled($composition, 'arrive', 6));
        self::assertSame([20, 18], $pulled($composition, 'leave', -6));
        self::assertSame([1, 12], $pulled($composition, 'arrive', -60));
        // Mirrored, both are one.
        $mirrored = Fixture::composition([Fixture::bar([
            'arrive' => ['length' => 20, 'moves' => [['move' => 'fade']]], 'leave' => ['mirror' => true],
        ])]);
        self::assertSame([26, null], $pulled($mirrored, 'leave', -6));
        self::assertTrue(Fixture::edit(
            $mirrored, 'pull-phase', ['layer' => 'bar', 'side' => 'leave', 'by' => -6],
        )->layer('bar')->life->mirrors);
        $this->expectExceptionMessage('“Bar” does not leave');
        $pulled(Fixture::composition([Fixture::bar()]), 'leave', 3);
    }

    /** What is cut off in the middle of its leaving is on its last frame as far as it was there before the cut. */
    public function test_a_leaving_that_was_begun_is_as_far_as_it_was_before_the_cut(): void
    {
        $phase = ['length' => 30, 'easing' => 'quad-in', 'moves' => [['move' => 'fade']]];
        $whole = $this->composition(['leave' => $phase]);
        $cut = $this->composition(['out' => 110, 'leave' => [...$phase, 'begun' => 10]]);
        foreach ([80, 89, 95, 100, 109] as $frame) {
            self::assertSame($this->items($whole, $frame), $this->items($cut, $frame), "frame $frame");
        }
        // 30 frames to the last visible one, 119: on frame 109 two thirds of them have passed, and eased four ninths.
        $opacity = fn (Composition $composition): float => hexdec(substr($this->items($composition, 109)[0]['colour'], 7)) / 255;
        self::assertEqualsWithDelta(1 - (20 / 30) ** 2, $opacity($cut), 1 / 255);
    }
}
