<?php

declare(strict_types=1);

namespace Ricamo\Raster\Tests\Media;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Ricamo\Core\Document\Media;
use Ricamo\Core\Document\MediaLibrary;
use Ricamo\Core\Refusal;
use Ricamo\Raster\Media\ClipPictures;
use Ricamo\Raster\Media\ClipReader;
use Ricamo\Raster\Media\Clips as ProbedClips;
use Ricamo\Raster\Media\Preparation;
use Ricamo\Raster\Media\Probe;
use Ricamo\Raster\Tests\Clips;

final class ClipReaderTest extends TestCase
{
    /** @return iterable<string, array{callable(): string}> */
    public static function clips(): iterable
    {
        yield 'MP4 with B-frames' => [fn (): string => Clips::counting()];
        yield 'Matroska at 30000/1001' => [fn (): string => Clips::make(
            'ntsc.mkv', ['-i', Clips::counting('ntsc.mp4', rate: '30000/1001', frames: 61), '-c', 'copy'],
        )];
        $from = fn (string $name, array $options): string => Clips::make($name, ['-i', Clips::counting(), ...$options]);
        yield 'WebM with VP9' => [fn (): string => $from('vp9.webm', ['-c:v', 'libvpx-vp9', '-deadline', 'realtime', '-b:v', '1M'])];
        yield 'H.265 of ten bits' => [fn (): string => $from(
            'ten.mp4',
            ['-c:v', 'libx265', '-preset', 'ultrafast', '-x265-params', 'log-level=none', '-pix_fmt', 'yuv420p10le'],
        )];
        yield 'motion JPEG in full range' => [fn (): string => $from('full.avi', ['-c:v', 'mjpeg', '-q:v', '2', '-pix_fmt', 'yuvj422p'])];
        yield 'ProRes' => [fn (): string => $from('prores.mov', ['-c:v', 'prores_ks'])];
        yield 'fragmented MP4' => [fn (): string => $from('fragmented.mp4', ['-c', 'copy', '-movflags', 'frag_keyframe+empty_moov'])];
        yield 'FLV' => [fn (): string => $from('clip.flv', ['-c', 'copy'])];
        yield 'RGB with alpha' => [fn (): string => $from('alpha.mov', ['-c:v', 'qtrle', '-pix_fmt', 'argb'])];
        yield 'interlaced' => [fn (): string => $from('interlaced.mp4', ['-c:v', 'libx264', '-flags', '+ildct+ilme', '-top', '1'])];
        yield 'one key frame for all' => [fn (): string => $from('long-gop.mp4', ['-c:v', 'libx264', '-g', '1000', '-bf', '3'])];
        yield 'MPEG program stream with B-frames' => [fn (): string => $from(
            'program.mpg', ['-c:v', 'mpeg2video', '-bf', '2', '-q:v', '2'],
        )];
        yield 'a clock that does not begin at nought' => [fn (): string => Clips::make(
            'late.ts', ['-i', Clips::counting(), '-c', 'copy', '-output_ts_offset', '7.5'],
        )];
    }

    /** @param  callable(): string  $file */
    #[DataProvider('clips')]
    public function test_any_frame_is_found_by_its_number_in_any_order(callable $file): void
    {
        $clip = Probe::clip($file());
        $reader = new ClipReader($clip);
        foreach ([0, 1, 2, 40, 3, 59, 58, 30, 29, 31, 0, ...range(45, 5, -1), ...range(6, 9), ...range(8, 0, -2), 59] as $frame) {
            self::assertSame($frame, Clips::number($reader->frame($frame)), "frame $frame");
        }
    }

    public function test_a_program_stream_has_its_last_frame(): void
    {
        foreach ([['mpeg2video', 2], ['mpeg2video', 0], ['mpeg1video', 3]] as [$codec, $between]) {
            $clip = Probe::clip(Clips::make(
                "last-$codec-$between.mpg",
                ['-i', Clips::counting(), '-c:v', $codec, '-bf', (string) $between, '-q:v', '2'],
            ));
            self::assertSame(100, $clip->frames);
            self::assertSame(99, Clips::number((new ClipReader($clip))->frame(99)));
        }
    }

    /** Every third frame of the first half, then all: frames that come unevenly are read at the rate they are based on. */
    public function test_unevenly_spaced_frames_are_shown_for_as_long_as_they_last(): void
    {
        $file = Clips::make(
            'uneven.mp4',
            ['-i', Clips::counting(), '-vf', "select='not(mod(n,3))+gte(n,51)'", '-vsync', 'vfr', '-c:v', 'libx264', '-preset', 'veryfast'],
        );
        $clip = Probe::clip($file);
        self::assertSame(['25/1', 100, false], [(string) $clip->rate, $clip->frames, $clip->seekable]);
        $reader = new ClipReader($clip);
        foreach ([0 => 0, 3 => 3, 48 => 48, 51 => 51, 52 => 52, 77 => 77] as $frame => $shown) {
            self::assertSame($shown, Clips::number($reader->frame($frame)), "frame $frame");
        }
        // In between, the one before or the one after, but never another.
        self::assertContains(Clips::number($reader->frame(4)), [3, 6]);
    }

    public function test_a_cut_off_clip_shows_its_last_good_frame_to_the_end(): void
    {
        $whole = Clips::make('whole.ts', ['-i', Clips::counting(), '-c', 'copy']);
        $cut = Clips::folder().'/cut.ts';
        file_put_contents($cut, substr((string) file_get_contents($whole), 0, intdiv((int) filesize($whole), 2)));
        $clip = Probe::clip($cut);
        $reader = new ClipReader($clip);
        self::assertGreaterThan(20, $clip->frames);
        self::assertSame(10, Clips::number($reader->frame(10)));
        self::assertGreaterThan(15, Clips::number($reader->frame($clip->frames - 1)));
    }

    public function test_a_clip_shown_several_times_at_once_gives_each_its_frame(): void
    {
        $clip = Probe::clip(Clips::counting());
        $pictures = new ClipPictures(new ProbedClips(['m1' => $clip]));
        for ($frame = 0; $frame < 20; $frame++) {
            foreach ([$frame, $frame + 30, $frame + 79, 50 - $frame] as $wanted) {
                self::assertSame($wanted, Clips::number($pictures->frame('m1', $wanted, 1.0)));
            }
        }
    }

    public function test_a_clip_shown_smaller_is_decoded_smaller(): void
    {
        $pictures = new ClipPictures(new ProbedClips(['m1' => Probe::clip(Clips::counting())]));
        $sizes = [];
        foreach ([2.0, 1.0, 0.6, 0.5, 0.49, 0.25, 0.1, 0.0001] as $scale) {
            $picture = $pictures->frame('m1', 40, $scale);
            $sizes[] = "{$picture->width}x{$picture->height}";
        }
        self::assertSame(['320x180', '320x180', '320x180', '160x90', '160x90', '80x45', '40x23', '20x12'], $sizes);
        self::assertSame(41, Clips::number($pictures->frame('m1', 41, 0.5)));
    }

    public function test_a_turned_clip_is_turned(): void
    {
        $file = Clips::make(
            'halves.mp4',
            [
                '-f', 'lavfi', '-i', 'color=c=white:s=320x180:r=25:d=0.2,drawbox=w=160:h=180:c=black:t=fill', '-c:v',
                'libx264', '-preset', 'ultrafast', '-pix_fmt', 'yuv420p',
            ],
        );
        $turned = Clips::make('halves-turned.mp4', ['-i', $file, '-c', 'copy', '-metadata:s:v:0', 'rotate=90']);
        $picture = (new ClipReader(Probe::clip($turned)))->frame(0);
        self::assertSame([180, 320], [$picture->width, $picture->height]);
        // The display matrix turns counterclockwise: the black left half goes to the bottom.
        foreach ([[20, 40, 255], [160, 40, 255], [20, 280, 0], [160, 280, 0]] as [$x, $y, $level]) {
            self::assertEqualsWithDelta($level, $picture->pixel($x, $y)[0], 25);
        }
    }

    /** BT.709 in limited range, by its formula: pure red is Y 63, Cb 102, Cr 240. */
    public function test_colours_come_out_as_they_were(): void
    {
        $file = Clips::make(
            'red709.mp4',
            [
                '-f', 'lavfi', '-i',
                'color=c=red:s=320x180:r=25:d=0.2,scale=out_color_matrix=bt709:out_range=tv,format=yuv420p', '-c:v',
                'libx264', '-crf', '1', '-colorspace', 'bt709', '-color_primaries', 'bt709', '-color_trc', 'bt709',
                '-color_range', 'tv',
            ],
        );
        [$red, $green, $blue] = (new ClipReader(Probe::clip($file)))->frame(0)->pixel(160, 90);
        self::assertEqualsWithDelta(255, $red, 3);
        self::assertEqualsWithDelta(0, $green, 3);
        self::assertEqualsWithDelta(0, $blue, 3);
    }

    public function test_preparation_makes_a_picture_for_every_frame_and_sound_that_begins_with_the_first(): void
    {
        $file = Clips::make(
            'av.mp4',
            [
                '-i', Clips::counting(), '-f', 'lavfi', '-i', 'aevalsrc=0.5*sin(2*PI*500*t)*gte(t\,2):d=4', '-c:v', 'copy',
                '-c:a', 'aac', '-shortest',
            ],
        );
        $folder = Clips::folder().'/prepared';
        mkdir($folder);
        $reported = [];
        (new Preparation(Probe::clip($file), $folder))->run(function (int $frames) use (&$reported): void {
            $reported[] = $frames;
        });
        self::assertCount(100, glob("$folder/frames/*.jpg") ?: []);
        self::assertSame(100, end($reported));
        $peaks = json_decode((string) file_get_contents("$folder/peaks.json"));
        self::assertLessThan(3, max(array_slice($peaks, 0, 95)));
        self::assertGreaterThan(40, min(array_slice($peaks, 105, 80)));
        foreach ([0, 57, 99] as $frame) {
            $image = getimagesize(sprintf('%s/frames/%06d.jpg', $folder, $frame));
            self::assertSame([320, 180], array_slice((array) $image, 0, 2));
        }
        exec('rm -rf '.escapeshellarg($folder));
    }

    public function test_files_outside_the_projects_folder_are_refused(): void
    {
        Clips::counting();
        symlink('/etc/hostname', Clips::folder().'/link.mp4');
        foreach (['../secret.mp4', '/etc/passwd', 'a/../../b.mp4', 'link.mp4', "counting.mp4\0"] as $path) {
            try {
                ProbedClips::inFolder(MediaLibrary::of(new Media('m1', 'x', $path)), Clips::folder());
                self::fail("$path was accepted");
            } catch (Refusal $refusal) {
                self::assertStringContainsString('leads out of the project\'s folder', $refusal->getMessage());
            }
        }
    }
}
