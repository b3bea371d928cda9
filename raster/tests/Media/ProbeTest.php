<?php

declare(strict_types=1);

namespace Ricamo\Raster\Tests\Media;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Ricamo\Core\Refusal;
use Ricamo\Raster\Media\ClipTiming;
use Ricamo\Raster\Media\Contents;
use Ricamo\Raster\Media\Probe;
use Ricamo\Raster\Tests\Clips;

final class ProbeTest extends TestCase
{
    public function test_a_small_file_of_ever_so_many_frames_is_refused(): void
    {
        // One frame of 2×2 pixels, said to be there thousands of times; the file holds nothing but a gap for them.
        $frames = 5_000;
        $clip = (string) file_get_contents(Clips::make(
            'one.mov', ['-f', 'lavfi', '-i', 'color=s=2x2:r=25:d=0.04', '-c:v', 'rawvideo', '-pix_fmt', 'rgb24'],
        ));
        foreach (['stts' => 8, 'stsz' => 8, 'stsc' => 12] as $table => $count) {
            $clip = substr_replace($clip, pack('N', $frames), (int) strpos($clip, $table) + 4 + $count, 4);
        }
        $file = fopen(Clips::folder().'/thousands.mov', 'wb');
        // Without the edit list, which would keep one frame.
        fwrite($file, str_replace('edts', 'free', $clip));
        ftruncate($file, 12 * $frames + 1000);
        fclose($file);
        $thousands = fn (int $most): Contents => new Contents(Clips::folder().'/thousands.mov', 3600, $most);
        self::assertCount($frames, $thousands($frames)->frameTimes(0)->shown());
        $this->expectExceptionObject(new Refusal('it has more than 4,999 frames'));
        $thousands($frames - 1);
    }

    public function test_a_plain_clip(): void
    {
        $clip = Probe::clip(Clips::counting());
        self::assertSame(
            [320, 180, '25/1', 100, false, true],
            [$clip->width, $clip->height, (string) $clip->rate, $clip->frames, $clip->hasSound(), $clip->seekable],
        );
    }

    public function test_sound_is_noticed_and_cover_pictures_are_not_video(): void
    {
        $file = Clips::make(
            'sound.mkv',
            ['-i', Clips::counting(), '-f', 'lavfi', '-i', 'sine=d=4', '-c:v', 'copy', '-c:a', 'libopus', '-shortest'],
        );
        self::assertTrue(Probe::clip($file)->hasSound());
    }

    public function test_ntsc_rates_are_exact(): void
    {
        $clip = Probe::clip(Clips::counting('ntsc.mp4', rate: '30000/1001', frames: 61));
        self::assertSame(['30000/1001', 61], [(string) $clip->rate, $clip->frames]);
        // Matroska keeps times in whole milliseconds; the rate is still found.
        $file = Clips::make('ntsc.mkv', ['-i', Clips::counting('ntsc.mp4', rate: '30000/1001', frames: 61), '-c', 'copy']);
        self::assertSame(
            ['30000/1001', 61, true],
            [(string) Probe::clip($file)->rate, Probe::clip($file)->frames, Probe::clip($file)->seekable],
        );
    }

    public function test_a_turned_clip_has_its_sides_as_displayed(): void
    {
        $file = Clips::make('turned.mp4', ['-i', Clips::counting(), '-c', 'copy', '-metadata:s:v:0', 'rotate=90']);
        self::assertSame([180, 320], [Probe::clip($file)->width, Probe::clip($file)->height]);
    }

    public function test_wide_pixels_are_made_square(): void
    {
        $file = Clips::make('wide.mp4', ['-i', Clips::counting(), '-vf', 'setsar=4/3', '-c:v', 'libx264', '-preset', 'ultrafast']);
        self::assertSame(427, Probe::clip($file)->width);
    }

    public function test_a_cut_off_clip_counts_the_frames_that_are_there(): void
    {
        $whole = Clips::counting('whole.mkv');
        $cut = Clips::folder().'/cut.mkv';
        file_put_contents($cut, substr((string) file_get_contents($whole), 0, intdiv((int) filesize($whole), 2)));
        $frames = Probe::clip($cut)->frames;
        self::assertGreaterThan(10, $frames);
        self::assertLessThan(90, $frames);
    }

    public function test_colours_are_read_as_marked_or_as_their_size_suggests(): void
    {
        self::assertSame('smpte170m', Probe::clip(Clips::counting())->matrix);
        $marked = Clips::make(
            'bt709.mp4',
            [
                '-i', Clips::counting(), '-c:v', 'libx264', '-preset', 'ultrafast', '-colorspace', 'bt709',
                '-color_primaries', 'bt709', '-color_trc', 'bt709',
            ],
        );
        self::assertSame('bt709', Probe::clip($marked)->matrix);
    }

    #[TestWith(['text.mp4', 'not a film', 'cannot be read as video'])]
    #[TestWith(['none.mp4', '', 'the file is empty'])]
    #[TestWith(['list.mp4', "ffconcat version 1.0\nfile '/etc/passwd'\n", 'cannot be read as video'])]
    #[TestWith(['playlist.mp4', "#EXTM3U\n#EXTINF:1,\n/etc/passwd\n", 'cannot be read as video'])]
    #[TestWith(['noise.mp4', "\0\0\0\x18ftypmp42\0\0\0\0mp42isom", 'cannot be read as video'])]
    public function test_what_is_no_clip_is_refused_without_a_path(string $name, string $content, string $says): void
    {
        $file = Clips::folder()."/$name";
        file_put_contents($file, $content);
        try {
            Probe::clip($file);
            self::fail('it was accepted');
        } catch (Refusal $refusal) {
            self::assertStringContainsString($says, $refusal->getMessage());
            self::assertStringNotContainsString(Clips::folder(), $refusal->getMessage());
        }
    }

    #[TestWith(['wav', ['-c:a', 'pcm_s16le']])]
    #[TestWith(['flac', []])]
    #[TestWith(['ogg', ['-c:a', 'libopus']])]
    #[TestWith(['mp3', ['-c:a', 'libmp3lame', '-write_xing', '0']])]
    #[TestWith(['aac', []])]
    #[TestWith(['m4a', ['-c:a', 'aac']])]
    /** @param  list<string>  $options */
    public function test_sound_alone_is_as_long_as_it_is_heard(string $ending, array $options): void
    {
        $clip = Probe::clip(Clips::make("tone.$ending", ['-f', 'lavfi', '-i', 'sine=d=3.5', ...$options]));
        self::assertTrue($clip->isSound());
        self::assertEqualsWithDelta(3.5, $clip->facts()->soundSeconds(), 0.06);
        self::assertTrue($clip->facts()->isSound());
        self::assertFalse($clip->facts()->isStill());
    }

    public function test_the_cover_of_a_record_is_not_its_picture(): void
    {
        $cover = Clips::make('cover.png', ['-f', 'lavfi', '-i', 'color=red:s=64x64', '-frames:v', '1']);
        $file = Clips::make(
            'covered.mp3',
            ['-f', 'lavfi', '-i', 'sine=d=1', '-i', $cover, '-map', '0', '-map', '1', '-c:v', 'copy', '-disposition:v', 'attached_pic'],
        );
        self::assertTrue(Probe::clip($file)->isSound());
    }

    public function test_uneven_frames_are_read_at_the_base_rate(): void
    {
        // 30 a second with every third frame missing.
        $times = array_map(
            fn (int $frame): float => $frame / 30,
            array_values(array_filter(range(0, 59), fn (int $frame): bool => $frame % 3 !== 1)),
        );
        $timing = ClipTiming::of($times, 20.0, 30.0);
        self::assertSame(['30/1', 60, false], [(string) $timing->rate, $timing->frames, $timing->steady]);
    }
}
