<?php

declare(strict_types=1);

namespace Ricamo\Raster\Tests\Media;

use PHPUnit\Framework\TestCase;
use Ricamo\Raster\Media\ClipReader;
use Ricamo\Raster\Media\Probe;
use Ricamo\Raster\Tests\Clips;
use Ricamo\Raster\Tests\Listening;
use Ricamo\Raster\Tests\Scenes;

/** What is heard of clips, and how it goes with what is seen. */
final class SoundTest extends TestCase
{
    use Listening;

    public function test_mono_is_as_loud_on_both_sides_as_it_is(): void
    {
        // A sine of amplitude 1/8, as ffmpeg's generator makes it: an effective value of 1/8/√2.
        $file = Clips::make(
            'mono.mkv',
            [
                '-i', Clips::counting(), '-f', 'lavfi', '-i', 'sine=f=440:r=48000:d=4', '-map', '0:v', '-map', '1:a',
                '-c:v', 'copy', '-c:a', 'pcm_s16le', '-ac', '1',
            ],
        );
        $scene = Scenes::of([Scenes::clip()], files: ['m1' => $file]);
        foreach ([0, 1] as $side) {
            self::assertEqualsWithDelta(0.125 / sqrt(2), $this->loudness($this->heard($scene, 25, $side), 0.2, 0.8), 0.002);
        }
    }

    public function test_sound_that_is_longer_than_its_picture_goes_on_while_the_layer_holds(): void
    {
        $file = Clips::make(
            'long-sound.mkv',
            [
                '-i', Clips::counting('short.mp4', frames: 25), '-f', 'lavfi', '-i', 'sine=f=440:r=48000:d=3', '-map',
                '0:v', '-map', '1:a', '-c:v', 'copy', '-c:a', 'pcm_s16le', '-ac', '2',
            ],
        );
        $clip = Probe::clip($file);
        self::assertSame(25, $clip->frames);
        self::assertEqualsWithDelta(3, $clip->soundSeconds, 0.1);
        $samples = $this->heard(Scenes::of([Scenes::clip()], files: ['m1' => $file]), 100);
        self::assertGreaterThan(0.05, $this->loudness($samples, 1.5, 2.8));
        self::assertLessThan(0.001, $this->loudness($samples, 3.2, 3.9), 'and no longer than it is');
    }

    /** A beep begins with frame 50; AVI keeps no times of display, and its B-frames come out of the decoder late. */
    public function test_avi_with_b_frames_is_in_step(): void
    {
        $file = Clips::make('bframes.avi', [
            '-i', Clips::counting(), '-f', 'lavfi', '-i', 'sine=f=880:r=48000:d=4', '-af', "volume=0:enable='lt(t,2)'",
            '-map', '0:v', '-map', '1:a',
            '-c:v', 'mpeg4', '-bf', '2', '-q:v', '2', '-c:a', 'pcm_s16le', '-ac', '2',
        ]);
        $reader = new ClipReader(Probe::clip($file));
        foreach ([0, 1, 2, 50, 97, 30] as $frame) {
            self::assertSame($frame, Clips::number($reader->frame($frame)), "frame $frame");
        }
        $samples = $this->heard(Scenes::of([Scenes::clip()], files: ['m1' => $file]), 100);
        $first = array_key_first(array_filter($samples, fn (float $sample): bool => abs($sample) > 0.02));
        self::assertEqualsWithDelta(2.0, $first / 48000, 0.01);
    }

    public function test_a_clip_that_is_cut_off_says_so(): void
    {
        $whole = Clips::make(
            'faststart.mp4',
            ['-i', Clips::counting('noisy.mp4', frames: 200, more: ['-crf', '1']), '-c', 'copy', '-movflags', '+faststart'],
        );
        $cut = Clips::folder().'/cut.mp4';
        file_put_contents($cut, substr((string) file_get_contents($whole), 0, (int) (0.5 * filesize($whole))));
        self::assertNull(Probe::clip($whole)->remark());
        $clip = Probe::clip($cut);
        self::assertSame(200, $clip->frames + $clip->missing);
        self::assertMatchesRegularExpression('/^it is cut off: \d+ of its 200 frames are missing$/', (string) $clip->remark());
    }
}
