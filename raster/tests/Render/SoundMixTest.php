<?php

declare(strict_types=1);

namespace Ricamo\Raster\Tests\Render;

use PHPUnit\Framework\TestCase;
use Ricamo\Raster\Render\Scene;
use Ricamo\Raster\Tests\Clips;
use Ricamo\Raster\Tests\Listening;
use Ricamo\Raster\Tests\Scenes;

/** Sounds at another pace and level, and sounds without pictures. */
final class SoundMixTest extends TestCase
{
    use Listening;

    /** A second of 400 Hz, one of silence, two of 1000 Hz; amplitude a half. @param  array<string, mixed>  $fields */
    private static function tones(array $fields = []): Scene
    {
        $file = Clips::make(
            'tones.wav',
            ['-f', 'lavfi', '-i', "aevalsrc='0.5*sin(2*PI*if(lt(t,1),400,1000)*t)*(lt(t,1)+gte(t,2))':s=48000:d=4", '-c:a', 'pcm_s16le'],
        );

        return Scenes::of(
            [['id' => 'music', 'kind' => 'sound', 'media' => 'm1', 'name' => 'Music', 'in' => 0, 'out' => 100, ...$fields]],
            files: ['m1' => $file],
        );
    }

    public function test_a_sound_layer_is_heard_where_it_is(): void
    {
        $samples = $this->heard(self::tones(['in' => 25, 'from' => 100]), 100);
        // From its second 1 on, at second 1.
        self::assertLessThan(0.002, $this->loudness($samples, 0.1, 1.9));
        self::assertEqualsWithDelta(0.5 / sqrt(2), $this->loudness($samples, 2.1, 3.9), 0.01);
        self::assertEqualsWithDelta(1000, $this->pitch($samples, 2.1, 3.9), 3);
    }

    public function test_at_twice_the_speed_it_is_an_octave_higher_and_half_as_long(): void
    {
        $samples = $this->heard(self::tones(['speed' => 200]), 100);
        self::assertEqualsWithDelta(800, $this->pitch($samples, 0.05, 0.45), 6);
        self::assertLessThan(0.01, $this->loudness($samples, 0.55, 0.95));
        self::assertEqualsWithDelta(2000, $this->pitch($samples, 1.1, 1.9), 6);
        self::assertLessThan(0.002, $this->loudness($samples, 2.1, 3.9));
    }

    public function test_backwards_the_end_comes_first(): void
    {
        $samples = $this->heard(self::tones(['from' => 400, 'speed' => -100]), 100);
        self::assertEqualsWithDelta(1000, $this->pitch($samples, 0.1, 1.9), 3);
        self::assertLessThan(0.01, $this->loudness($samples, 2.1, 2.9));
        self::assertEqualsWithDelta(400, $this->pitch($samples, 3.1, 3.9), 3);
    }

    public function test_it_goes_round(): void
    {
        $samples = $this->heard(self::tones(['from' => 300, 'beyond' => 'loop']), 100);
        self::assertEqualsWithDelta(1000, $this->pitch($samples, 0.1, 0.9), 3);
        self::assertEqualsWithDelta(400, $this->pitch($samples, 1.1, 1.9), 3);
        $samples = $this->heard(self::tones(['from' => 300, 'beyond' => 'there-and-back']), 100);
        self::assertEqualsWithDelta(1000, $this->pitch($samples, 0.1, 2.9), 3);
        self::assertLessThan(0.01, $this->loudness($samples, 3.1, 3.9));
    }

    public function test_its_level_fades_and_jumps_where_it_is_keyframed(): void
    {
        $level = ['keyframes' => [
            ['at' => 0, 'value' => 0], ['at' => 50, 'value' => 100, 'easing' => 'hold'], ['at' => 62, 'value' => 25],
        ]];
        $samples = $this->heard(self::tones(['from' => 200, 'level' => $level, 'beyond' => 'loop']), 100);
        foreach ([[0.4, 0.6, 0.25], [0.9, 1.1, 0.5], [1.4, 1.6, 0.75]] as [$from, $to, $expected]) {
            self::assertEqualsWithDelta($expected * 0.5 / sqrt(2), $this->loudness($samples, $from, $to), 0.01);
        }
        self::assertEqualsWithDelta(0.5 / sqrt(2), $this->loudness($samples, 2.05, 2.4), 0.01);
        self::assertEqualsWithDelta(0.125 / sqrt(2), $this->loudness($samples, 2.55, 2.9), 0.01);
        $samples = $this->heard(self::tones(['from' => 200, 'level' => 50]), 100);
        self::assertEqualsWithDelta(0.25 / sqrt(2), $this->loudness($samples, 0.1, 1.9), 0.005);
    }

    public function test_along_a_ramp_its_pitch_rises_with_its_speed_and_it_keeps_in_step(): void
    {
        // From half to full speed in two seconds, then on at it: at t its speed is 0.5 + t/4, and t/2 + t²/8 of the sound have gone
        // by. 400 Hz end after a second of it, at t = √12 − 2 = 1.464; the silence ends a second and a bit later, at 2.5.
        $ramp = ['keyframes' => [['at' => 0, 'value' => 50], ['at' => 50, 'value' => 100]]];
        $samples = $this->heard(self::tones(['ramp' => $ramp]), 100);
        self::assertEqualsWithDelta(400 * (0.5 + 0.5 / 4), $this->pitch($samples, 0.3, 0.7), 4);
        self::assertEqualsWithDelta(400 * (0.5 + 1.2 / 4), $this->pitch($samples, 1.0, 1.4), 4);
        self::assertEqualsWithDelta(1000, $this->pitch($samples, 2.6, 3.9), 3);
        self::assertEqualsWithDelta(0.5 / sqrt(2), $this->loudness($samples, 0.1, 1.4), 0.01);
        self::assertEqualsWithDelta(0.0, $this->loudness($samples, 1.4642 + 0.001, 2.5 - 0.001), 0.002);
        self::assertGreaterThan(0.1, $this->loudness($samples, 1.46, 1.4642));
        self::assertGreaterThan(0.1, $this->loudness($samples, 2.5, 2.504));
        // Backwards, from second 4 on: 1000 Hz first, and silence once two seconds of it have gone by.
        $samples = $this->heard(self::tones(['from' => 400, 'speed' => -100, 'ramp' => $ramp]), 100);
        self::assertEqualsWithDelta(1000 * (0.5 + 0.5 / 4), $this->pitch($samples, 0.3, 0.7), 6);
        self::assertGreaterThan(0.1, $this->loudness($samples, 2.496, 2.5));
        self::assertEqualsWithDelta(0.0, $this->loudness($samples, 2.501, 3.45), 0.002);
        self::assertSame([], glob(Clips::folder().'/*.{cut,sound}*.part', GLOB_BRACE) ?: []);
    }

    public function test_what_was_written_for_levels_is_gone(): void
    {
        $level = ['keyframes' => [['at' => 0, 'value' => 0], ['at' => 50, 'value' => 100]]];
        $this->heard(self::tones(['level' => $level]), 50);
        self::assertSame([], glob(Clips::folder().'/*.level*') ?: []);
    }
}
