<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Evaluate;

use PHPUnit\Framework\TestCase;
use Ricamo\Core\Evaluate\SoundCue;
use Ricamo\Core\Evaluate\SoundPlan;
use Ricamo\Core\Tests\Fixture;
use Ricamo\Core\Time\FrameRange;

final class SoundPlanTest extends TestCase
{
    public function test_a_clip_sounds_where_it_is_seen(): void
    {
        $composition = Fixture::composition([Fixture::clip(['in' => 25, 'out' => 75, 'from' => 50])]);
        self::assertEquals(
            [new SoundCue('clip', 'm1', 2.0, 1.0, 2.0)],
            SoundPlan::of($composition, Fixture::media(), $composition->range()),
        );
        // Of a range that begins in the middle of it, from there on.
        self::assertEquals(
            [new SoundCue('clip', 'm1', 3.0, 0.0, 1.0)],
            SoundPlan::of($composition, Fixture::media(), new FrameRange(50, 200)),
        );
    }

    public function test_it_ends_with_the_clip(): void
    {
        $composition = Fixture::composition([Fixture::clip(['in' => 0, 'out' => 250, 'from' => 275])]);
        self::assertEquals(
            [new SoundCue('clip', 'm1', 11.0, 0.0, 1.0)],
            SoundPlan::of($composition, Fixture::media(), $composition->range()),
        );
    }

    public function test_what_is_hidden_muted_silent_or_elsewhere_is_not_heard(): void
    {
        foreach ([['visible' => false], ['sound' => false], ['media' => 'm2'], ['in' => 300, 'out' => 400]] as $fields) {
            $composition = Fixture::composition([Fixture::clip($fields)]);
            self::assertSame([], SoundPlan::of($composition, Fixture::media(), $composition->range()));
        }
    }

    public function test_a_sound_goes_at_the_pace_of_its_layer(): void
    {
        $cues = fn (array $clip): array => SoundPlan::of(
            $composition = Fixture::composition([Fixture::clip(['in' => 25, 'out' => 75, ...$clip])]), Fixture::media(),
            $composition->range(),
        );
        self::assertEquals([new SoundCue('clip', 'm1', 2.0, 1.0, 2.0, 1.5)], $cues(['from' => 50, 'speed' => 150]));
        self::assertEquals([new SoundCue('clip', 'm1', 1.0, 1.0, 2.0, -0.5)], $cues(['from' => 25, 'speed' => -50]));
        // Backwards from one second on there is one second to be heard.
        self::assertEquals([new SoundCue('clip', 'm1', 1.0, 1.0, 1.0, -1.0)], $cues(['from' => 25, 'speed' => -100]));
        // From a second before the end, and again from the beginning: 1 s of 12 s, and 1 s.
        self::assertEquals(
            [new SoundCue('clip', 'm1', 11.0, 1.0, 1.0), new SoundCue('clip', 'm1', 0.0, 2.0, 1.0)],
            $cues(['from' => 275, 'beyond' => 'loop']),
        );
        self::assertEquals(
            [new SoundCue('clip', 'm1', 11.5, 1.0, 0.5), new SoundCue('clip', 'm1', 12.0, 1.5, 1.5, -1.0)],
            $cues(['from' => '575/2', 'beyond' => 'there-and-back']),
        );
        self::assertSame([], $cues(['speed' => 0]));
    }

    public function test_at_every_moment_the_sound_is_where_the_picture_is(): void
    {
        $random = new \Random\Randomizer(new \Random\Engine\Mt19937(8));
        for ($round = 0; $round < 120; $round++) {
            $clip = Fixture::clip([
                'in' => 10, 'out' => 240, 'from' => $random->getInt(0, 299), 'speed' => $random->getInt(-900, 900),
                'beyond' => ['hold', 'loop', 'there-and-back'][$random->getInt(0, 2)],
            ]);
            $composition = Fixture::composition([$clip]);
            $cues = SoundPlan::of($composition, Fixture::media(), $composition->range());
            for ($frame = 10; $frame < 240; $frame += 7) {
                // In the middle of a frame, where rounding is far away.
                $now = ($frame + 0.5 / max(1, abs($clip['speed']) / 50)) / 25;
                $position = $clip['from'] / 25 + $clip['speed'] / 100 * ($now - 0.4);
                $fold = fn (float $a): float => fmod(fmod($a, 24) + 24, 24);
                $expected = match ($clip['beyond']) {
                    'hold' => $position >= 0 && $position < 12 ? $position : null,
                    'loop' => fmod(fmod($position, 12) + 12, 12),
                    default => min($fold($position), 24 - $fold($position)),
                };
                $heard = array_values(array_filter($cues, fn (SoundCue $cue): bool => $now >= $cue->at && $now < $cue->at + $cue->length));
                self::assertCount($expected === null || $clip['speed'] === 0 ? 0 : 1, $heard);
                if ($heard !== []) {
                    self::assertEqualsWithDelta($expected, $heard[0]->from + $heard[0]->speed * ($now - $heard[0]->at), 1e-6);
                }
            }
        }
    }

    public function test_its_level_follows_the_keyframes(): void
    {
        // A fade of a second, level for two, and down to half with a jump.
        $level = Fixture::keyframes([0, 0], [25, 100, 'hold'], [75, 50]);
        $composition = Fixture::composition([Fixture::clip(['in' => 25, 'out' => 125, 'level' => $level])]);
        [$cue] = SoundPlan::of($composition, Fixture::media(), $composition->range());
        self::assertEquals([[0.0, 0.0], [1.0, 1.0], [2.96, 1.0], [3.0, 0.5], [4.0, 0.5]], $cue->level);
        // Of a range within the fade, from where it is by then.
        [$cue] = SoundPlan::of($composition, Fixture::media(), new FrameRange(35, 45));
        self::assertEquals([[0.0, 0.4], [0.4, 0.8]], $cue->level);
    }

    public function test_an_eased_level_is_told_as_closely_as_is_needed(): void
    {
        $composition = Fixture::composition([Fixture::clip([
            'out' => 250, 'level' => Fixture::keyframes([0, 0, 'cubic-bezier(0.42, 0, 0.58, 1)'], [200, 100]),
        ])]);
        [$cue] = SoundPlan::of($composition, Fixture::media(), $composition->range());
        self::assertLessThan(120, count($cue->level));
        $layer = $composition->layers[0];
        for ($frame = 0; $frame <= 250; $frame++) {
            $next = 1;
            while ($cue->level[$next][0] < $frame / 25) {
                $next++;
            }
            [[$t0, $v0], [$t1, $v1]] = [$cue->level[$next - 1], $cue->level[$next]];
            self::assertEqualsWithDelta($layer->number('level', $frame) / 100, $v0 + ($v1 - $v0) * ($frame / 25 - $t0) / ($t1 - $t0), 2e-4);
        }
    }

    public function test_what_is_silent_throughout_is_no_cue(): void
    {
        $composition = Fixture::composition([Fixture::clip(['level' => 0])]);
        self::assertSame([], SoundPlan::of($composition, Fixture::media(), $composition->range()));
        $composition = Fixture::composition([Fixture::clip(['level' => 50])]);
        self::assertSame([[0.0, 0.5]], SoundPlan::of($composition, Fixture::media(), $composition->range())[0]->level);
    }

    public function test_sound_layers_are_heard_and_have_no_place(): void
    {
        $composition = Fixture::edit(Fixture::composition(), 'add-layer', ['layer' => ['kind' => 'sound', 'media' => 'm1'], 'at' => 50]);
        $layer = $composition->layers[0];
        self::assertSame(
            ['Street', 50, 250, ['ramp', 'level']],
            [$layer->name, $layer->span->in, $layer->span->out, array_keys($layer->properties)],
        );
        self::assertEquals([new SoundCue('l1', 'm1', 0.0, 2.0, 8.0)], SoundPlan::of($composition, Fixture::media(), $composition->range()));
        self::assertSame([], Fixture::evaluator()->frame($composition, 60)->operations);
        self::assertStringContainsString('"seen":false', Fixture::evaluator()->pose($layer, $composition, 60)->encode());
        $this->expectExceptionMessage('“Street” is not seen and has no position');
        Fixture::edit($composition, 'align-layers', ['layers' => ['l1'], 'frame' => 0, 'x' => 'start']);
    }

    public function test_a_silent_clip_is_no_sound(): void
    {
        $this->expectExceptionMessage('“Portrait.mp4” has no sound');
        Fixture::edit(Fixture::composition(), 'add-layer', ['layer' => ['kind' => 'sound', 'media' => 'm2']]);
    }

    public function test_only_what_is_looked_at_alone_is_seen_and_heard(): void
    {
        $two = Fixture::composition([
            Fixture::clip(), Fixture::clip(['id' => 'other', 'media' => 'm2', 'position' => [100, 100]]), Fixture::bar(),
        ]);
        $alone = Fixture::edit($two, 'look-alone', ['layers' => ['other', 'bar']]);
        self::assertCount(2, Fixture::evaluator()->frame($alone, 0)->operations);
        self::assertSame([], SoundPlan::of($alone, Fixture::media(), $alone->range()));
        self::assertSame(['other', 'bar'], $alone->toJson()['alone']);
        // Once none of them is there any more, everything is.
        $left = Fixture::edit($alone, 'remove-layers', ['layers' => ['other', 'bar']]);
        self::assertCount(1, Fixture::evaluator()->frame($left, 0)->operations);
        self::assertEquals($two, Fixture::edit($alone, 'look-alone', ['layers' => []]));
    }

    public function test_a_reference_is_neither_rendered_nor_heard(): void
    {
        $composition = Fixture::edit(
            Fixture::composition([Fixture::clip(), Fixture::bar()]), 'set-layer',
            ['layers' => ['clip'], 'reference' => true],
        );
        $list = Fixture::evaluator()->frame($composition, 10);
        self::assertSame([1, 1], [count($list->operations), count($list->reference)]);
        self::assertSame('m1', $list->toJson()['reference'][0]['media']);
        self::assertSame([], SoundPlan::of($composition, Fixture::media(), $composition->range()));
        $look = json_decode(Fixture::evaluator()->look($composition, 10)->list(), true);
        self::assertEquals($list->toJson(), $look);
    }
}
