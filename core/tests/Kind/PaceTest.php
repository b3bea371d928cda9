<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Kind;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Ricamo\Core\Display\Image;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Kind\Playing\Beyond;
use Ricamo\Core\Kind\Playing\Pace;
use Ricamo\Core\Refusal;
use Ricamo\Core\Tests\Fixture;
use Ricamo\Core\Time\Fraction;
use Ricamo\Core\Time\FrameRange;
use Ricamo\Core\Time\FrameRate;

/** Which frame of a clip is on screen, however it is played. m1 has 300 frames at 25, m2 has 90 at 30000/1001. */
final class PaceTest extends TestCase
{
    /**
     * @param  array<string, mixed>  $clip
     * @param  array<string, mixed>  $fields
     */
    private static function playing(array $clip, array $fields = []): Composition
    {
        return Fixture::composition([Fixture::clip($clip)], $fields);
    }

    /** @return list<?int> the frame of the clip on each frame of its layer */
    private static function shown(Composition $composition): array
    {
        $shown = [];
        for ($frame = $composition->layers[0]->span->in; $frame < $composition->layers[0]->span->out; $frame++) {
            $image = Fixture::evaluator()->frame($composition, $frame)->operations[0] ?? null;
            $shown[] = $image instanceof Image ? $image->frame : null;
        }

        return $shown;
    }

    public function test_speed_is_in_per_cent_of_its_own(): void
    {
        self::assertSame([10, 12, 14, 16], self::shown(self::playing(['in' => 5, 'out' => 9, 'from' => 10, 'speed' => 200])));
        self::assertSame([10, 10, 11, 11], self::shown(self::playing(['in' => 5, 'out' => 9, 'from' => 10, 'speed' => 50])));
        // ⌊10 + k · 1/3⌋
        self::assertSame([10, 10, 10, 11, 11, 11, 12], self::shown(self::playing(['out' => 7, 'from' => 10, 'speed' => '100/3'])));
        self::assertSame([10, 9, 8, 7], self::shown(self::playing(['out' => 4, 'from' => 10, 'speed' => -100])));
        self::assertSame([10, 10, 10], self::shown(self::playing(['out' => 3, 'from' => '21/2', 'speed' => 0])));
    }

    /** @param  list<?int>  $expected */
    #[DataProvider('ends')]
    public function test_what_is_shown_beyond_its_ends_is_chosen(string $beyond, int $from, int $speed, array $expected): void
    {
        self::assertSame(
            $expected,
            self::shown(self::playing(['out' => count($expected), 'from' => $from, 'speed' => $speed, 'beyond' => $beyond])),
        );
    }

    /** @return iterable<string, array{string, int, int, list<?int>}> */
    public static function ends(): iterable
    {
        yield 'held' => ['hold', 297, 100, [297, 298, 299, 299, 299]];
        yield 'held backwards' => ['hold', 1, -100, [1, 0, 0, 0]];
        yield 'looped' => ['loop', 298, 100, [298, 299, 0, 1, 2]];
        yield 'looped backwards' => ['loop', 1, -100, [1, 0, 299, 298]];
        yield 'there and back' => ['there-and-back', 297, 100, [297, 298, 299, 299, 298, 297]];
        yield 'there and back, backwards' => ['there-and-back', 1, -100, [1, 0, 0, 1, 2]];
        yield 'nothing' => ['nothing', 298, 100, [298, 299, null, null]];
    }

    public function test_a_clip_of_three_frames_goes_there_and_back_for_ever(): void
    {
        $shown = array_map(fn (int $frame): ?int => Beyond::Turn->shown($frame, 3), range(-7, 8));
        self::assertSame([0, 0, 1, 2, 2, 1, 0, 0, 1, 2, 2, 1, 0, 0, 1, 2], $shown);
    }

    public function test_reversing_shows_the_same_frames_from_the_last_to_the_first_and_again_is_nothing(): void
    {
        foreach ([
            ['speed' => 100], ['media' => 'm2'], ['media' => 'm2', 'speed' => '370/7', 'from' => '5/3'],
            ['speed' => 150, 'beyond' => 'loop', 'from' => 250], ['from' => 270],
        ] as $fields) {
            $composition = self::playing(['in' => 20, 'out' => 83, ...$fields], ['rate' => '24/1']);
            $reversed = Fixture::edit($composition, 'retime-layers', ['layers' => ['clip'], 'to' => 'reverse']);
            self::assertSame(array_reverse(self::shown($composition)), self::shown($reversed));
            $again = Fixture::edit($reversed, 'retime-layers', ['layers' => ['clip'], 'to' => 'reverse']);
            self::assertEquals(Fixture::json($composition, 'clip'), Fixture::json($again, 'clip'));
        }
    }

    public function test_a_speed_below_nought_turns_the_stretch_round(): void
    {
        $composition = self::playing(['out' => 50, 'from' => 100]);
        $back = Fixture::edit($composition, 'retime-layers', ['layers' => ['clip'], 'to' => 'speed', 'speed' => -100]);
        self::assertSame(range(149, 100), self::shown($back));
        $faster = Fixture::edit($back, 'retime-layers', ['layers' => ['clip'], 'to' => 'speed', 'speed' => -33.3333]);
        self::assertSame(
            ['149', '-33333/1000'],
            [(string) Fixture::json($faster, 'clip')['from'], Fixture::json($faster, 'clip')['speed']],
        );
    }

    public function test_a_frame_is_frozen(): void
    {
        $composition = self::playing(['in' => 10, 'out' => 60, 'from' => 100, 'speed' => 50]);
        // 100 + ⌊25 / 2⌋
        $frozen = Fixture::edit($composition, 'retime-layers', ['layers' => ['clip'], 'to' => 'freeze', 'at' => 35]);
        self::assertSame([112], array_values(array_unique(self::shown($frozen))));
        $this->expectExceptionMessage('is not on at frame 60');
        Fixture::edit($composition, 'retime-layers', ['layers' => ['clip'], 'to' => 'freeze', 'at' => 60]);
    }

    public function test_a_clip_that_is_too_short_is_made_to_fill_its_layer(): void
    {
        // 90 frames of 30000/1001 in 100 of 25: a step of 9/10, at its own speed it would be 1200/1001.
        $composition = self::playing(['media' => 'm2', 'out' => 100]);
        $filled = Fixture::edit($composition, 'retime-layers', ['layers' => ['clip'], 'to' => 'fill']);
        self::assertSame(array_map(fn (int $k): int => intdiv(9 * $k, 10), range(0, 99)), self::shown($filled));
        self::assertSame([], $filled->layers[0]->content->missing($filled->layers[0]->span, $filled->rate, Fixture::media()));
        $back = Fixture::edit(
            self::playing(['out' => 100, 'from' => 49, 'speed' => -100]), 'retime-layers',
            ['layers' => ['clip'], 'to' => 'fill'],
        );
        self::assertSame(array_map(fn (int $k): int => intdiv(99 - $k, 2), range(0, 99)), self::shown($back));
    }

    public function test_nothing_plays_in_a_shape(): void
    {
        $this->expectExceptionMessage('nothing plays in “Bar”');
        Fixture::edit(Fixture::composition([Fixture::bar()]), 'retime-layers', ['layers' => ['bar'], 'to' => 'reverse']);
    }

    public function test_splitting_and_trimming_change_no_frame_whatever_the_pace(): void
    {
        $random = new \Random\Randomizer(new \Random\Engine\Mt19937(6));
        for ($round = 0; $round < 60; $round++) {
            $composition = self::playing([
                'media' => $random->getInt(1, 2) === 1 ? 'm1' : 'm2',
                'in' => 10, 'out' => 110,
                // Beginning within the clip, before which an in point does not go.
                'from' => $random->getInt(0, 89).'/'.$random->getInt(1, 9),
                'speed' => $random->getInt(-900, 900).'/'.$random->getInt(1, 7),
                'beyond' => Beyond::cases()[$random->getInt(0, 3)]->value,
            ], ['rate' => $random->getInt(1, 2) === 1 ? '25/1' : '60000/1001']);
            $before = self::shown($composition);
            $at = $random->getInt(11, 109);
            $split = Fixture::edit($composition, 'split-layers', ['layers' => ['clip'], 'at' => $at]);
            $later = $split->withLayers($split->layers->without(['clip']));
            self::assertSame($before, [...self::shown($split), ...self::shown($later)]);

            $trimmed = Fixture::edit($composition, 'trim-layer', ['layer' => 'clip', 'in' => $at]);
            self::assertSame(array_slice($before, $at - 10), self::shown($trimmed));
            $back = Fixture::edit($trimmed, 'trim-layer', ['layer' => 'clip', 'in' => 10]);
            self::assertSame($before, self::shown($back), 'what was cut can be had again');
        }
    }

    public function test_missing_frames_and_room_are_what_counting_finds(): void
    {
        $random = new \Random\Randomizer(new \Random\Engine\Mt19937(7));
        $rates = [new FrameRate(25), new FrameRate(30000, 1001), new FrameRate(60)];
        for ($round = 0; $round < 300; $round++) {
            $pace = new Pace(
                new Fraction($random->getInt(-200, 900), $random->getInt(1, 6)),
                new Fraction($random->getInt(-900, 900), $random->getInt(1, 7)),
            );
            [$clip, $rate] = [$rates[$random->getInt(0, 2)], $rates[$random->getInt(0, 2)]];
            $span = new FrameRange($random->getInt(-20, 20), $random->getInt(21, 200));
            $asked = fn (int $k): int => $pace->from->plusTimesFloored($k, $pace->step($clip, $rate));
            $missing = [];
            for ($frame = $span->in; $frame < $span->out; $frame++) {
                if ($asked($frame - $span->in) < 0 || $asked($frame - $span->in) >= 90) {
                    $missing[] = $frame;
                }
            }
            if ($pace->speed->numerator === 0) {
                $missing = [];
            }
            $found = array_merge(...array_map(
                fn (FrameRange $gap): array => range($gap->in, $gap->last()), $pace->missing($span, 90, $clip, $rate),
            ));
            self::assertSame($missing, $found);

            if ($pace->speed->numerator !== 0 && $asked(0) >= 0 && $asked(0) < 90) {
                $room = $pace->room(90, $clip, $rate);
                self::assertTrue($asked(-$room) >= 0 && $asked(-$room) < 90);
                self::assertFalse($asked(-$room - 1) >= 0 && $asked(-$room - 1) < 90);
            }
        }
    }

    public function test_a_picture_has_room_on_both_sides(): void
    {
        $still = new Pace;
        self::assertSame(0, $still->room(300, new FrameRate(25), new FrameRate(25)));
        self::assertGreaterThan(Composition::LONGEST, $still->with(speed: new Fraction(0))->room(1, new FrameRate(25), new FrameRate(25)));
    }

    public function test_a_layer_is_made_as_long_as_what_plays_in_it(): void
    {
        $fit = fn (array $clip): int => Fixture::edit(
            self::playing(['in' => 10, 'out' => 20, ...$clip]), 'fit-layers', ['layers' => ['clip'], 'to' => 'content'],
        )->layers[0]->span->length();
        self::assertSame(300, $fit([]));
        self::assertSame(100, $fit(['speed' => 200, 'from' => 100]));
        self::assertSame(51, $fit(['speed' => -100, 'from' => 50]));
        $this->expectException(Refusal::class);
        $fit(['beyond' => 'loop']);
    }

    public function test_a_senseless_pace_is_refused(): void
    {
        foreach ([['speed' => 20_000], ['speed' => '1/0'], ['speed' => 'fast'], ['beyond' => 'bounce']] as $fields) {
            try {
                self::playing($fields)->layers[0]->toJson();
                self::fail('accepted '.json_encode($fields));
            } catch (Refusal $refusal) {
                self::assertStringContainsString(array_key_first($fields).': ', $refusal->getMessage());
            }
        }
    }
}
