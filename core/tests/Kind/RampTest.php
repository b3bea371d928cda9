<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Kind;

use PHPUnit\Framework\TestCase;
use Ricamo\Core\Display\Image;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Compositions;
use Ricamo\Core\Evaluate\SoundCue;
use Ricamo\Core\Evaluate\SoundPlan;
use Ricamo\Core\Kind\Playing\Played;
use Ricamo\Core\Kind\Playing\Ramp;
use Ricamo\Core\Refusal;
use Ricamo\Core\Tests\Fixture;

/** A clip whose speed has keyframes. m1 has 300 frames at 25, as the composition has; m2 has 90 at 30000/1001. */
final class RampTest extends TestCase
{
    private const FALLING = ['keyframes' => [['at' => 0, 'value' => 100], ['at' => 40, 'value' => -100]]];

    /** @param  array<string, mixed>  $clip */
    private static function playing(array $clip): Composition
    {
        return Fixture::composition([Fixture::clip(['out' => 100, ...$clip])]);
    }

    /** @return list<?int> the frame of the clip on each frame of the composition */
    private static function shown(Composition $composition): array
    {
        return array_map(function (int $frame) use ($composition): ?int {
            foreach (Fixture::evaluator()->frame($composition, $frame)->operations as $one) {
                if ($one instanceof Image) {
                    return $one->frame;
                }
            }

            return null;
        }, range(0, $composition->length - 1));
    }

    /** @return list<array{int, int}> */
    private static function missing(Composition $composition): array
    {
        $layer = $composition->layers[0];
        assert(isset($layer) && $layer->content instanceof Played);

        return array_map(
            fn ($range): array => [$range->in, $range->out],
            $layer->content->missing($layer->span, $composition->rate, Fixture::media(), Ramp::of($layer)),
        );
    }

    public function test_what_is_shown_is_the_integral_of_the_speed(): void
    {
        // From standing to full speed in 50 frames: k²/100 of them have gone by, then 25 and one each frame.
        $rising = self::shown(self::playing(['in' => 20, 'out' => 120, 'ramp' => Fixture::keyframes([0, 0], [50, 100])]));
        for ($k = 0; $k < 100; $k++) {
            self::assertSame($k <= 50 ? intdiv($k * $k, 100) : 25 + $k - 50, $rising[20 + $k], "after $k");
        }
        // Forwards, standing still, and back: 100 + k − k²/40.
        $falling = self::shown(self::playing(['from' => 100, 'ramp' => self::FALLING]));
        for ($k = 0; $k <= 40; $k++) {
            self::assertSame((int) floor(100 + $k - $k * $k / 40), $falling[$k], "after $k");
        }
        self::assertSame([100, 99, 98], array_slice($falling, 40, 3));
        // Eased and at twice the speed, the half is reached half way: 2 · (0.25 · 40 + …) by symmetry 2 · 20 in all.
        $eased = self::shown(self::playing(['speed' => 200, 'ramp' => Fixture::keyframes([0, 0, 'ease-in-out(60%)'], [40, 100])]));
        self::assertSame([0, 40, 42], [$eased[0], $eased[40], $eased[41]]);
        // quad-in: 100 · k³ / (3 · 40²) of per cent · frames.
        $slow = self::shown(self::playing(['ramp' => Fixture::keyframes([0, 0, 'quad-in'], [40, 100])]));
        self::assertSame((int) floor(30 ** 3 / 4800), $slow[30]);
    }

    public function test_it_holds_and_counts_frames_of_the_composition(): void
    {
        $held = self::shown(self::playing(['ramp' => Fixture::keyframes([0, 100, 'hold'], [10, 0, 'hold'], [20, 50])]));
        self::assertSame([0, 9, 10, 10, 10, 10, 11, 11], array_map(fn (int $at): ?int => $held[$at], [0, 9, 10, 15, 20, 21, 22, 23]));
        // Of 30000/1001 in 25: 1.1988 frames of it go by in one at full speed.
        $other = self::shown(self::playing(['media' => 'm2', 'ramp' => Fixture::keyframes([0, 50])]));
        self::assertSame((int) floor(20 * 0.5 * 30000 / 1001 / 25), $other[20]);
    }

    public function test_what_has_no_ramp_is_as_exact_as_before(): void
    {
        $layer = self::playing(['speed' => '100/3'])->layers[0];
        assert(isset($layer));
        self::assertNull(Ramp::of($layer));
        self::assertArrayNotHasKey('ramp', $layer->toJson());
    }

    public function test_what_is_missing_may_come_and_go(): void
    {
        // At frame 290 forwards: 290 + k − k²/40 is 300 at k = 20 alone, so that nothing more is asked for than the very top.
        self::assertSame([[20, 21]], self::missing(self::playing(['from' => 290, 'ramp' => self::FALLING])));
        // 295 + k − k²/40 ≥ 300 from k = 5.86 to k = 34.14.
        self::assertSame([[6, 35]], self::missing(self::playing(['from' => 295, 'ramp' => self::FALLING])));
        // Back at 2 after 40 frames, and one less each frame from there.
        self::assertSame([[43, 100]], self::missing(self::playing(['from' => 2, 'ramp' => self::FALLING])));
        self::assertSame([], self::missing(self::playing(['from' => 2, 'ramp' => self::FALLING, 'beyond' => 'loop'])));
        self::assertSame([[0, 5], [36, 100]], self::missing(self::playing(['from' => -4, 'ramp' => self::FALLING])));
    }

    public function test_an_edge_that_is_pulled_leaves_each_frame_as_it_is(): void
    {
        $composition = self::playing(['in' => 20, 'out' => 120, 'from' => 100, 'ramp' => Fixture::keyframes(
            [0, 100, 'ease-in-out(50%)'], [30, -50], [-10, 300, 'linear', 'end'],
        )]);
        $before = self::shown($composition);
        foreach ([['in' => 31], ['in' => 12], ['out' => 100], ['in' => 40, 'out' => 90]] as $ends) {
            $trimmed = Fixture::edit($composition, 'trim-layer', ['layer' => 'clip', ...$ends]);
            $after = self::shown($trimmed);
            for ($frame = max(20, $ends['in'] ?? 20); $frame < ($ends['out'] ?? 120); $frame++) {
                self::assertSame($before[$frame], $after[$frame], json_encode($ends)." at $frame");
            }
        }
        // Back to where it was it shows what it did.
        $back = Fixture::edit(Fixture::edit($composition, 'trim-layer', ['layer' => 'clip', 'in' => 50]), 'trim-layer', ['layer' => 'clip', 'in' => 20]);
        self::assertSame($before, self::shown($back));
    }

    public function test_the_in_point_goes_back_as_far_as_there_is_something(): void
    {
        // Standing to full speed in 50 frames; before that it stands still, and there is as much of it as is wished.
        $still = Fixture::edit(
            self::playing(['in' => 30, 'ramp' => Fixture::keyframes([0, 0], [50, 100])]), 'trim-layer', ['layer' => 'clip', 'in' => 0],
        );
        self::assertSame(0, $still->layer('clip')->span->in);
        // At half speed before its first keyframe: 5 frames of the clip last for 10.
        $half = Fixture::edit(
            self::playing(['in' => 30, 'from' => 5, 'ramp' => Fixture::keyframes([0, 50], [50, 100])]), 'trim-layer', ['layer' => 'clip', 'in' => 0],
        );
        self::assertSame(20, $half->layer('clip')->span->in);
    }

    public function test_cut_in_two_it_goes_on_as_it_went(): void
    {
        foreach ([self::FALLING, Fixture::keyframes([0, 0, 'expo-out'], [60, 200]), Fixture::keyframes([3, 20, 'glide'], [30, 150, 'glide'], [70, 10])] as $ramp) {
            $composition = self::playing(['in' => 7, 'out' => 107, 'from' => 60, 'ramp' => $ramp]);
            $cut = Fixture::edit($composition, 'split-layers', ['layers' => ['clip'], 'at' => 40]);
            self::assertCount(2, $cut->layers);
            self::assertSame(self::shown($composition), self::shown($cut));
        }
    }

    public function test_turned_round_it_shows_the_same_frames_from_the_last_to_the_first(): void
    {
        $composition = self::playing(['from' => 20, 'ramp' => Fixture::keyframes([0, 0, 'quad-in'], [50, 100, 'hold'], [80, 30])]);
        $reversed = Fixture::edit($composition, 'retime-layers', ['layers' => ['clip'], 'to' => 'reverse']);
        $before = array_slice(self::shown($composition), 0, 100);
        $after = array_slice(self::shown($reversed), 0, 100);
        foreach ($before as $frame => $shown) {
            self::assertEqualsWithDelta($shown, $after[99 - $frame], 1, "frame $frame");
        }
        self::assertSame([$before[99], $before[0]], [$after[0], $after[99]]);
        $again = Fixture::edit($reversed, 'retime-layers', ['layers' => ['clip'], 'to' => 'reverse']);
        self::assertSame($before, array_slice(self::shown($again), 0, 100));
    }

    public function test_it_freezes_where_it_is_and_fills_its_layer(): void
    {
        $composition = self::playing(['from' => 100, 'ramp' => self::FALLING]);
        $frozen = Fixture::edit($composition, 'retime-layers', ['layers' => ['clip'], 'to' => 'freeze', 'at' => 20]);
        self::assertSame([110, 110, 110], array_slice(self::shown($frozen), 0, 3));
        // From standing to full speed in its 100 frames, 50 go by; 300 would in six times that.
        $filled = Fixture::edit(
            self::playing(['ramp' => Fixture::keyframes([0, 0], [100, 100])]), 'retime-layers', ['layers' => ['clip'], 'to' => 'fill'],
        );
        self::assertSame([], self::missing($filled));
        self::assertSame([0, 6 * 50 * 50 / 200, 294], array_map(fn (int $at): ?int => self::shown($filled)[$at], [0, 50, 99]));
        $this->expectException(Refusal::class);
        Fixture::edit(
            self::playing(['ramp' => Fixture::keyframes([0, 100], [100, -100])]), 'retime-layers', ['layers' => ['clip'], 'to' => 'fill'],
        );
    }

    public function test_it_lasts_until_the_clip_ends(): void
    {
        $content = fn (array $clip): ?int => ($layer = self::playing($clip)->layers[0])?->content instanceof Played
            ? $layer->content->lasts(self::playing($clip)->rate, Fixture::media(), Ramp::of($layer)) : null;
        // 25 frames in the first 50, the other 275 in as many.
        self::assertSame(325, $content(['ramp' => Fixture::keyframes([0, 0], [50, 100])]));
        // It comes to a stand and stays there.
        self::assertNull($content(['ramp' => Fixture::keyframes([0, 100], [50, 0])]));
        self::assertSame(6, $content(['from' => 295, 'ramp' => self::FALLING]));
    }

    public function test_keyframes_that_are_very_far_away_take_no_time(): void
    {
        $far = Fixture::keyframes([-9_000_000, 0, 'ease-in-out(50%)'], [9_000_000, 100]);
        $composition = self::playing(['in' => 100_000, 'out' => 200_000, 'from' => 5, 'ramp' => $far]);
        self::assertSame([[100_000 + 2 * 295, 200_000]], self::missing($composition));
        // Half way it is at half its speed: five frames of it last for ten.
        self::assertSame(99_990, Fixture::edit($composition, 'trim-layer', ['layer' => 'clip', 'in' => 99_000])->layer('clip')->span->in);
    }

    public function test_its_sound_goes_along_where_it_can_be_heard(): void
    {
        $composition = self::playing(['ramp' => Fixture::keyframes([0, 0], [50, 100], [75, 100], [100, 300])]);
        $cues = SoundPlan::of($composition, Fixture::media(), $composition->range());
        self::assertCount(1, $cues);
        [$cue] = $cues;
        // From half its speed, after 25 frames, to twice it, after 87.5: the clip is at 625/100 frames = 0.25 s then.
        self::assertEqualsWithDelta([0.25, 1.0, 2.5], [$cue->from, $cue->at, $cue->length], 1e-5);
        self::assertEqualsWithDelta([[0.0, 0.5], [1.0, 1.0], [2.0, 1.0], [2.5, 2.0]], $cue->speeds, 1e-4);
        // 0.75 s, 1 s, and 0.75 s of it in the three parts.
        self::assertEqualsWithDelta(2.5 / 2.5, $cue->speed, 1e-5);
    }

    public function test_its_sound_is_in_step_at_both_ends_of_each_part(): void
    {
        $composition = self::playing(['from' => 90, 'ramp' => Fixture::keyframes(
            [0, 100, 'ease-in-out(80%)'], [30, -150, 'expo-out'], [55, 60, 'hold'], [70, 180, 'glide'], [99, 80],
        )]);
        $layer = $composition->layers[0];
        assert(isset($layer));
        $ramp = Ramp::of($layer);
        assert($ramp !== null);
        $cues = SoundPlan::of($composition, Fixture::media(), $composition->range());
        self::assertGreaterThan(2, count($cues));
        foreach ($cues as $cue) {
            $at = fn (float $seconds): float => (90 + $ramp->between(0, $seconds * 25)) / 25;
            self::assertEqualsWithDelta($at($cue->at), $cue->from, 1e-4);
            // Where the straight lines between its speeds lead, worked out as trapezia.
            $reached = $cue->from;
            $speeds = $cue->speeds === [] ? [[0.0, $cue->speed], [$cue->length, $cue->speed]] : $cue->speeds;
            for ($index = 1; $index < count($speeds); $index++) {
                $reached += ($speeds[$index][0] - $speeds[$index - 1][0]) * ($speeds[$index][1] + $speeds[$index - 1][1]) / 2;
            }
            self::assertEqualsWithDelta($at($cue->at + $cue->length), $reached, 1e-3);
            foreach ($speeds as [, $speed]) {
                self::assertGreaterThan(0.499, abs($speed));
                self::assertLessThan(2.001, abs($speed));
            }
        }
    }

    public function test_its_sound_goes_round_with_it(): void
    {
        $cues = fn (string $beyond): array => array_map(
            fn (SoundCue $cue): array => [round($cue->from, 3), round($cue->at, 3), round($cue->length, 3), round($cue->speed, 3)],
            SoundPlan::of(
                $composition = self::playing(['from' => 275, 'beyond' => $beyond, 'ramp' => Fixture::keyframes([0, 100], [99, 100])]),
                Fixture::media(), $composition->range(),
            ),
        );
        self::assertEquals([[11.0, 0.0, 1.0, 1.0], [0.0, 1.0, 3.0, 1.0]], $cues('loop'));
        self::assertEquals([[11.0, 0.0, 1.0, 1.0], [12.0, 1.0, 3.0, -1.0]], $cues('there-and-back'));
        self::assertEquals([[11.0, 0.0, 1.0, 1.0]], $cues('hold'));
    }

    public function test_placed_it_goes_at_both_speeds(): void
    {
        $inner = Fixture::composition(
            [Fixture::clip(['ramp' => Fixture::keyframes([0, 100], [100, 200])])], ['id' => 'c2', 'length' => 100],
        );
        foreach ([100 => 0, -50 => 99] as $speed => $from) {
            $outer = Fixture::composition([[
                'id' => 'b', 'kind' => 'bundle', 'name' => 'B', 'composition' => 'c2', 'in' => 0, 'out' => 100, 'from' => $from, 'speed' => $speed,
            ]]);
            $media = Fixture::media()->withCompositions(Compositions::of($outer, $inner));
            [$cue] = SoundPlan::of($outer, $media, $outer->range());
            // At t seconds of the inner one its speed is 1 + t/4, and t + t²/8 of it have gone by.
            $t = $speed > 0 ? 0.0 : $from / 25;
            self::assertEqualsWithDelta($t + $t ** 2 / 8, $cue->from, 1e-3);
            self::assertEqualsWithDelta($speed / 100 * (1 + $t / 4), $cue->speeds[0][1], 1e-3);
            $end = $t + $cue->length * $speed / 100;
            self::assertEqualsWithDelta(($end + $end ** 2 / 8 - $cue->from) / $cue->length, $cue->speed, 1e-3);
        }
    }
}
