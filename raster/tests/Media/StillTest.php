<?php

declare(strict_types=1);

namespace Ricamo\Raster\Tests\Media;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Ricamo\Core\Refusal;
use Ricamo\Core\Time\FrameRange;
use Ricamo\Raster\Media\OriginalFrame;
use Ricamo\Raster\Media\Preparation;
use Ricamo\Raster\Media\Probe;
use Ricamo\Raster\Render\RangeRenderer;
use Ricamo\Raster\Tests\Clips;
use Ricamo\Raster\Tests\Scenes;

/** Pictures of many kinds, each drawn from four fields whose colours are known: red, lime, blue and white. */
final class StillTest extends TestCase
{
    private const FIELDS = "geq=r='255*lt(X,W/2)*lt(Y,H/2)+255*gte(X,W/2)*gte(Y,H/2)':g='255*gte(X,W/2)':b='255*gte(Y,H/2)'";

    /** @param  list<string>  $options */
    private static function picture(string $name, array $options = [], string $more = ''): string
    {
        return Clips::make($name, ['-f', 'lavfi', '-i', 'color=s=64x48:r=10:d=0.3,format=gbrp,'.self::FIELDS.$more, ...$options]);
    }

    /**
     * @return iterable<string, array{callable(): string, int, bool, int}> a picture, how many frames it has, whether it is
     *     see-through, and how far colours may be off
     */
    public static function kinds(): iterable
    {
        $one = ['-frames:v', '1'];
        yield 'PNG' => [fn (): string => self::picture('fields.png', $one), 1, false, 0];
        yield 'PNG of 16 bits' => [fn (): string => self::picture('deep.png', [...$one, '-pix_fmt', 'rgb48be']), 1, false, 0];
        yield 'PNG with alpha' => [fn (): string => self::picture('see-through.png', [...$one, '-pix_fmt', 'rgba']), 1, true, 0];
        yield 'JPEG' => [fn (): string => self::picture('fields.jpg', [...$one, '-q:v', '2', '-pix_fmt', 'yuvj444p']), 1, false, 4];
        yield 'JPEG named as one of a sequence' => [
            fn (): string => self::picture('%03d-fields.jpg', [...$one, '-update', '1', '-q:v', '2', '-pix_fmt', 'yuvj444p']),
            1, false, 4,
        ];
        yield 'WebP' => [fn (): string => self::picture('fields.webp', [...$one, '-lossless', '1']), 1, true, 1];
        yield 'AVIF' => [
            fn (): string => self::picture(
                'fields.avif',
                [
                    ...$one, '-c:v', 'libaom-av1', '-still-picture', '1', '-crf', '10', '-cpu-used', '8', '-pix_fmt',
                    'yuv444p', '-vf', 'scale=out_color_matrix=bt601:out_range=tv', '-colorspace', 'smpte170m',
                    '-color_range', 'tv',
                ],
            ),
            1, false, 6,
        ];
        yield 'BMP' => [fn (): string => self::picture('fields.bmp', $one), 1, false, 0];
        yield 'TIFF' => [fn (): string => self::picture('fields.tiff', $one), 1, false, 0];
        yield 'animated PNG' => [fn (): string => self::picture('fields.apng', ['-plays', '0']), 3, false, 0];
        yield 'animated GIF' => [fn (): string => self::picture('fields.gif'), 3, true, 3];
    }

    /** @param  callable(): string  $make */
    #[DataProvider('kinds')]
    public function test_its_colours_are_drawn_as_they_are(callable $make, int $frames, bool $alpha, int $off): void
    {
        $file = $make();
        $clip = Probe::clip($file);
        self::assertSame([64, 48, $frames, $alpha], [$clip->width, $clip->height, $clip->frames, $clip->alpha]);
        $scene = Scenes::of([Scenes::clip(['position' => [32, 24]])], ['width' => 64, 'height' => 48, 'length' => 30], ['m1' => $file]);
        foreach ([0, 29] as $frame) {
            $drawn = $scene->still($frame);
            foreach ([
                [16, 12, [255, 0, 0]], [48, 12, [0, 255, 0]], [16, 36, [0, 0, 255]], [48, 36, [255, 255, 255]],
            ] as [$x, $y, $expected]) {
                foreach (array_slice($drawn->pixel($x, $y), 0, 3) as $channel => $value) {
                    self::assertEqualsWithDelta($expected[$channel], $value, $off, "at $x, $y on frame $frame");
                }
            }
        }
    }

    public function test_a_photograph_stands_the_right_way_up(): void
    {
        $jpeg = (string) file_get_contents(self::picture('upright.jpg', ['-frames:v', '1', '-q:v', '2', '-pix_fmt', 'yuvj444p']));
        // EXIF in little endian: one entry, Orientation (0x0112), 6: to be turned by a quarter clockwise.
        $exif = "Exif\0\0II*\0".pack('V', 8).pack('v', 1).pack('vvVvv', 0x0112, 3, 1, 6, 0).pack('V', 0);
        $file = Clips::folder().'/turned.jpg';
        file_put_contents($file, substr($jpeg, 0, 2)."\xff\xe1".pack('n', strlen($exif) + 2).$exif.substr($jpeg, 2));
        $clip = Probe::clip($file);
        self::assertSame([48, 64], [$clip->width, $clip->height]);
        $drawn = Scenes::of(
            [Scenes::clip(['position' => [24, 32]])], ['width' => 48, 'height' => 64, 'length' => 2], ['m1' => $file],
        )->still(0);
        // What was at the bottom left is now at the top left.
        foreach ([[12, 16, [0, 0, 255]], [36, 16, [255, 0, 0]], [12, 48, [255, 255, 255]], [36, 48, [0, 255, 0]]] as [$x, $y, $expected]) {
            foreach (array_slice($drawn->pixel($x, $y), 0, 3) as $channel => $value) {
                self::assertEqualsWithDelta($expected[$channel], $value, 4, "at $x, $y");
            }
        }
    }

    public function test_a_picture_is_prepared_at_its_own_size_and_holds_in_a_render(): void
    {
        $file = self::picture('held.png', ['-frames:v', '1'], ',scale=2000:1500:flags=neighbor');
        $clip = Probe::clip($file);
        $folder = Clips::folder().'/held';
        (new Preparation($clip, $folder))->run(fn (): bool => true);
        self::assertSame(['000000.jpg'], array_map(basename(...), glob("$folder/frames/*") ?: []));
        self::assertSame([2000, 1500], array_slice((array) getimagesize("$folder/frames/000000.jpg"), 0, 2));
        self::assertSame([2000, 1500], array_slice((array) getimagesizefromstring(OriginalFrame::of($clip, 0)), 0, 2));
        array_map(unlink(...), [...glob("$folder/frames/*") ?: [], ...array_filter(glob("$folder/*") ?: [], is_file(...))]);
        rmdir("$folder/frames");
        rmdir($folder);

        $scene = Scenes::of([Scenes::clip(['scale' => [16, 16]]), Scenes::bar()], ['length' => 40], ['m1' => $file]);
        $video = Clips::folder().'/held.mp4';
        (new RangeRenderer($scene))->render(new FrameRange(0, 40), $video, fn (): bool => true);
        self::assertSame(40, Probe::clip($video)->frames);
    }

    public function test_a_picture_of_a_hundred_thousand_pixels_is_refused_before_it_is_decoded(): void
    {
        $header = 'IHDR'.pack('NNCCCCC', 100_000, 100_000, 8, 2, 0, 0, 0);
        $file = Clips::folder().'/huge.png';
        $data = 'IDAT'.gzcompress(str_repeat("\0", 1000));
        file_put_contents(
            $file,
            "\x89PNG\r\n\x1a\n".pack('N', 13).$header.pack('N', crc32($header)).pack('N', strlen($data) - 4).$data
                .pack('N', crc32($data)).pack('N', 0).'IEND'.pack('N', crc32('IEND')),
        );
        $this->expectExceptionObject(new Refusal('the size of its picture cannot be read, or is far too large'));
        Probe::clip($file);
    }

    public function test_a_picture_that_is_too_large_is_refused(): void
    {
        $this->expectExceptionObject(new Refusal('a picture of 9000 × 4 pixels is outside 1..8192'));
        Probe::clip(Clips::make('wide.png', ['-f', 'lavfi', '-i', 'color=s=9000x4', '-frames:v', '1']));
    }

    public function test_a_cut_off_picture_is_shown_as_far_as_it_goes_or_refused(): void
    {
        $whole = (string) file_get_contents(self::picture('whole.png', ['-frames:v', '1']));
        $file = Clips::folder().'/cut.png';
        foreach ([8, 20, 40] as $bytes) {
            file_put_contents($file, substr($whole, 0, $bytes));
            try {
                Probe::clip($file);
                self::fail("$bytes bytes were taken");
            } catch (Refusal $refusal) {
                self::assertStringNotContainsString('/', $refusal->getMessage());
            }
        }
    }
}
