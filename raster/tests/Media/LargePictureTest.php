<?php

declare(strict_types=1);

namespace Ricamo\Raster\Tests\Media;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Media;
use Ricamo\Core\Document\MediaLibrary;
use Ricamo\Core\Json\Node;
use Ricamo\Raster\Draw\Surface;
use Ricamo\Raster\Media\Clip;
use Ricamo\Raster\Media\ClipReader;
use Ricamo\Raster\Media\Clips as ProbedClips;
use Ricamo\Raster\Media\LargePicture;
use Ricamo\Raster\Media\OriginalFrame;
use Ricamo\Raster\Media\Preparation;
use Ricamo\Raster\Media\PreviewBudget;
use Ricamo\Raster\Media\Probe;
use Ricamo\Raster\Process\Ffmpeg;
use Ricamo\Raster\Render\Scene;
use Ricamo\Raster\Tests\Clips;
use Ricamo\Raster\Tests\Scenes;
use RuntimeException;
use Symfony\Component\Process\Process;

/** A picture in four fields: red, green, blue and white; most of them smaller than what is read in strips, which is soon tried. */
final class LargePictureTest extends TestCase
{
    private const SIDES = [820, 818];

    private const FIELDS = "geq=r='255*(lt(X,W/2)*lt(Y,H/2)+gte(X,W/2)*gte(Y,H/2))':g='255*gte(X,W/2)':b='255*gte(Y,H/2)'";

    /**
     * @return iterable<string, array{string, string, bool, list<list<int>>}> an ending, a pixel format, whether it has alpha,
     *     and the fields as they are drawn, premultiplied
     */
    public static function kinds(): iterable
    {
        $opaque = [[255, 0, 0, 255], [0, 255, 0, 255], [0, 0, 255, 255], [255, 255, 255, 255]];
        $half = array_map(fn (array $field): array => array_map(fn (int $value): int => $value === 255 ? 128 : 0, $field), $opaque);
        // BT.601 luma, as the encoder of the test makes grey of colours.
        $grey = fn (int $alpha): array => array_map(
            fn (int $luma): array => [...array_fill(0, 3, (int) round($luma * $alpha / 255)), $alpha], [76, 150, 29, 255],
        );
        yield 'PNG of 16 bits' => ['png', 'rgb48be', false, $opaque];
        yield 'PNG of 16 bits with alpha' => ['png', 'rgba64be', true, $half];
        yield 'PNG of 8 bits with alpha' => ['png', 'rgba', true, $half];
        yield 'grey PNG of 16 bits' => ['png', 'gray16be', false, $grey(255)];
        yield 'grey PNG with alpha' => ['png', 'ya16be', true, $grey(128)];
        yield 'TIFF of 16 bits' => ['tiff', 'rgb48le', false, $opaque];
    }

    private static function large(string $ending, string $format): Clip
    {
        return self::read(self::picture($ending, $format));
    }

    private static function read(string $file): Clip
    {
        return LargePicture::clip($file, 8192, 600, from: 1) ?? throw new RuntimeException('it is no large picture');
    }

    private static function picture(string $ending, string $format): string
    {
        return Clips::make("large-$format.$ending", [
            '-f', 'lavfi', '-i', 'color=s=82x82,format=gbrap,'.self::FIELDS.':a=128', '-frames:v', '1',
            '-vf', 'scale='.implode(':', self::SIDES).":flags=neighbor,format=$format", '-compression_level', '1',
        ]);
    }

    /** @return list<int> */
    private static function field(Surface $surface, int $index): array
    {
        return $surface->pixel(
            (int) ($surface->width * (1 + 2 * ($index % 2)) / 4),
            (int) ($surface->height * (1 + 2 * intdiv($index, 2)) / 4),
        );
    }

    /** @param  list<list<int>>  $fields */
    #[DataProvider('kinds')]
    public function test_its_colours_are_read_as_they_are(string $ending, string $format, bool $alpha, array $fields): void
    {
        $clip = self::large($ending, $format);
        self::assertSame([...self::SIDES, 1, $alpha, true], [$clip->width, $clip->height, $clip->frames, $clip->alpha, $clip->isLarge]);
        foreach ([1 => [410, 409], 3 => [103, 103]] as $halvings => $sides) {
            $surface = (new ClipReader($clip, $halvings))->frame(0);
            self::assertSame($sides, [$surface->width, $surface->height]);
            foreach ($fields as $index => $expected) {
                foreach (self::field($surface, $index) as $channel => $value) {
                    self::assertEqualsWithDelta($expected[$channel], $value, 1, "field $index, channel $channel");
                }
            }
        }
    }

    public function test_it_is_read_at_its_own_size_with_sharp_edges(): void
    {
        $surface = (new ClipReader(self::large('png', 'rgb48be')))->frame(0);
        self::assertSame(self::SIDES, [$surface->width, $surface->height]);
        foreach ([409 => [255, 0, 0, 255], 410 => [0, 255, 0, 255]] as $x => $expected) {
            foreach ($surface->pixel($x, 10) as $channel => $value) {
                // The picture was made with 65,283 for white: 254.02 of 255.
                self::assertEqualsWithDelta($expected[$channel], $value, 1, "$x");
            }
        }
    }

    public function test_a_scene_is_drawn_alike_by_both_ways_of_reading(): void
    {
        $file = self::picture('png', 'rgba64be');
        $drawn = function (Clip $clip): Surface {
            $composition = Composition::read(new Node([
                'id' => 'c', 'name' => 'C', 'width' => 320, 'height' => 180, 'rate' => '25/1', 'length' => 10,
                'layers' => [Scenes::clip(['out' => 10, 'scale' => [20, 20]])],
            ]));

            return (new Scene(
                $composition, MediaLibrary::of(new Media('m1', 'Fields', 'fields.png')), new ProbedClips(['m1' => $clip]),
            ))->still(0);
        };
        [$strips, $whole] = [$drawn(self::read($file)), $drawn(Probe::clip($file))];
        self::assertFalse(Probe::clip($file)->isLarge);
        foreach ([[100, 40], [220, 40], [100, 140], [220, 140], [20, 90]] as [$x, $y]) {
            foreach ($strips->pixel($x, $y) as $channel => $value) {
                self::assertEqualsWithDelta($whole->pixel($x, $y)[$channel], $value, 2, "at $x, $y");
            }
        }
    }

    public function test_its_previews_have_its_colours(): void
    {
        foreach ([['png', 'rgb48be', 'jpg', 4], ['png', 'rgba64be', 'webp', 6]] as [$ending, $format, $type, $off]) {
            $clip = self::large($ending, $format);
            $folder = Clips::folder()."/large-previews-$format";
            $preparation = new Preparation($clip, $folder, new PreviewBudget);
            $preparation->run(fn (int $covered): int => $covered);
            self::assertTrue(Preparation::isThere($clip, $folder, ['every' => 1, 'type' => $type]));
            foreach (['frames/000000' => [820, 818], 'poster' => [180, 180]] as $name => $sides) {
                $preview = Probe::clip("$folder/$name.$type");
                self::assertSame($sides, [$preview->width, $preview->height]);
                $surface = (new ClipReader($preview))->frame(0);
                foreach ([[255, 0, 0], [0, 255, 0], [0, 0, 255], [255, 255, 255]] as $index => $field) {
                    foreach (array_slice(self::field($surface, $index), 0, 3) as $channel => $value) {
                        self::assertEqualsWithDelta(
                            $clip->alpha ? $field[$channel] * 128 / 255 : $field[$channel], $value, $off,
                            "$name, field $index",
                        );
                    }
                }
            }
            Ffmpeg::run(['rm', '-rf', $folder]);
        }
    }

    public function test_its_frame_is_given_at_its_own_size(): void
    {
        $clip = self::large('png', 'rgb48be');
        $file = Clips::folder().'/large-original.jpg';
        file_put_contents($file, OriginalFrame::of($clip, 0));
        self::assertSame([...self::SIDES, IMAGETYPE_JPEG], array_slice(getimagesize($file) ?: [], 0, 3));
    }

    public function test_one_that_is_cut_off_is_shown_as_far_as_it_goes(): void
    {
        $whole = self::picture('png', 'rgb48be');
        $file = Clips::folder().'/large-cut.png';
        file_put_contents($file, file_get_contents($whole, length: intdiv((int) filesize($whole), 3)));
        $surface = (new ClipReader(self::read($file), 3))->frame(0);
        self::assertEqualsWithDelta(255, $surface->pixel(20, 4)[0], 1);
        self::assertNotSame([255, 255, 255], array_slice(self::field($surface, 3), 0, 3));
    }

    public function test_what_only_says_that_it_is_one_is_refused(): void
    {
        $file = Clips::folder().'/large-lie.png';
        file_put_contents($file, "\x89PNG\r\n\x1a\n".pack('N', 13).'IHDR'.pack('NN', 8000, 8000)."\x08\x02\0\0\0".str_repeat('x', 500));
        $this->expectExceptionMessageMatches('/damaged|not complete/');
        (new ClipReader(Probe::clip($file), 3))->frame(0);
    }

    /** One that moves, or that ffmpeg can hold, is no large picture. */
    public function test_others_are_left_to_ffmpeg(): void
    {
        $large = (string) file_get_contents(self::picture('png', 'rgb48be'), length: 1 << 16);
        $file = Clips::folder().'/large-other.png';
        foreach ([
            'moving' => substr($large, 0, 33)."\0\0\0\x08acTL".str_repeat("\0", 12).substr($large, 33),
            'turned' => substr($large, 0, 33)."\0\0\0\x08eXIf".str_repeat("\0", 12).substr($large, 33),
            'small' => substr_replace($large, pack('NN', 4000, 4000), 16, 8),
            'too large' => substr_replace($large, pack('NN', 9000, 4000), 16, 8),
        ] as $name => $bytes) {
            file_put_contents($file, $bytes);
            self::assertNull(LargePicture::clip($file, 8192, 60), $name);
        }
    }

    /** What ffmpeg needs for it is several times as much: the picture alone takes 106 MB in 16 bits, and more again in eight. */
    public function test_it_takes_little_memory(): void
    {
        $clip = Probe::clip(Clips::make(
            'very-large.png',
            ['-f', 'lavfi', '-i', 'color=s=4200x4200,format=rgb48be', '-frames:v', '1', '-compression_level', '1'],
        ));
        self::assertTrue($clip->isLarge);
        $frame = (new ClipReader($clip, 3))->frame(0);
        self::assertSame([525, 525], [$frame->width, $frame->height]);
        $measure = new Process(
            [
                PHP_BINARY, '-r',
                '$c = proc_open(array_slice($argv, 1), [1 => ["file", "/dev/null", "w"]], $p); echo proc_close($c), " ", getrusage(1)["ru_maxrss"];',
                '--', ...LargePicture::pixels($clip, 525, 525),
            ],
            timeout: null,
        );
        $measure->mustRun();
        [$status, $kilobytes] = explode(' ', $measure->getOutput());
        self::assertSame('0', $status);
        self::assertLessThan(150_000, (int) $kilobytes);
    }
}
