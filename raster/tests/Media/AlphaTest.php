<?php

declare(strict_types=1);

namespace Ricamo\Raster\Tests\Media;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Ricamo\Core\Display\Backdrop;
use Ricamo\Core\Time\FrameRange;
use Ricamo\Raster\Media\ClipReader;
use Ricamo\Raster\Media\OriginalFrame;
use Ricamo\Raster\Media\Preparation;
use Ricamo\Raster\Media\Probe;
use Ricamo\Raster\Process\Ffmpeg;
use Ricamo\Raster\Tests\Clips;
use Ricamo\Raster\Tests\Scenes;

/** Clips that are transparent in places: brass, from clear at the left to opaque at the right. */
final class AlphaTest extends TestCase
{
    /** @param  list<string>  $encoder */
    public static function clip(string $name, array $encoder): string
    {
        return Clips::make($name, [
            '-f', 'lavfi', '-i', 'color=c=black:s=64x32:r=25,format=rgba,geq=r=201:g=151:b=63:a=4*X', '-frames:v', '6', ...$encoder,
        ]);
    }

    /** @return array<string, array{string, list<string>, int}> with the largest error of a channel, of 255 */
    public static function formats(): array
    {
        return [
            'RLE' => ['alpha-rle.mov', ['-c:v', 'qtrle', '-pix_fmt', 'argb'], 2],
            'PNG' => ['alpha-png.mov', ['-c:v', 'png', '-pix_fmt', 'rgba'], 2],
            '4444' => [
                'alpha-4444.mov',
                ['-c:v', 'prores_ks', '-profile:v', '4444', '-pix_fmt', 'yuva444p10le', '-alpha_bits', '16', '-vendor', 'apl0'],
                4,
            ],
            'VP9' => ['alpha-vp9.webm', ['-c:v', 'libvpx-vp9', '-pix_fmt', 'yuva420p', '-auto-alt-ref', '0', '-crf', '4', '-b:v', '0'], 6],
            'FFV1' => ['alpha-ffv1.mkv', ['-c:v', 'ffv1', '-pix_fmt', 'bgra'], 2],
        ];
    }

    /** @param  list<string>  $encoder */
    #[DataProvider('formats')]
    public function test_it_is_decoded_premultiplied(string $name, array $encoder, int $allowed): void
    {
        $clip = Probe::clip(self::clip($name, $encoder));
        self::assertTrue($clip->alpha);
        $picture = (new ClipReader($clip))->frame(3);
        foreach ([4, 20, 40, 60] as $x) {
            [$red, $green, $blue, $alpha] = $picture->pixel($x, 16);
            self::assertEqualsWithDelta(4 * $x, $alpha, $allowed, "alpha at $x");
            foreach ([[$red, 201], [$green, 151], [$blue, 63]] as [$is, $straight]) {
                self::assertEqualsWithDelta($straight * 4 * $x / 255, $is, $allowed + 1, "at $x");
            }
        }
    }

    /** @param  list<string>  $encoder */
    #[DataProvider('formats')]
    public function test_what_lies_beneath_shows_through(string $name, array $encoder, int $allowed): void
    {
        $scene = Scenes::of(
            [Scenes::clip(['position' => [32, 16]])], ['width' => 64, 'height' => 32, 'background' => '#24557a'],
            ['m1' => self::clip($name, $encoder)],
        );
        self::assertNull(Backdrop::under($scene->lists(new FrameRange(0, 5))), 'it is no opaque ground to lay graphics on');
        $picture = $scene->still(2);
        foreach ([4, 32, 60] as $x) {
            [$red, $green, $blue] = $picture->pixel($x, 16);
            $over = fn (int $above, int $below): float => ($above * 4 * $x + $below * (255 - 4 * $x)) / 255;
            self::assertEqualsWithDelta($over(201, 0x24), $red, $allowed + 2, "red at $x");
            self::assertEqualsWithDelta($over(151, 0x55), $green, $allowed + 2, "green at $x");
            self::assertEqualsWithDelta($over(63, 0x7A), $blue, $allowed + 2, "blue at $x");
        }
    }

    public function test_scaled_it_has_no_dark_or_bright_edge(): void
    {
        // White, opaque in the middle and clear around it, where its hidden colour is black.
        $file = Clips::make('alpha-edge.mov', [
            '-f', 'lavfi', '-i',
            "color=c=black:s=64x64:r=25,format=rgba,geq=r='255*between(X,16,47)':g='255*between(X,16,47)':b='255*between(X,16,47)':a='255*between(X,16,47)'",
            '-frames:v', '3', '-c:v', 'qtrle', '-pix_fmt', 'argb',
        ]);
        $picture = (new ClipReader(Probe::clip($file), 1))->frame(1);
        for ($x = 0; $x < 32; $x++) {
            [$red, , , $alpha] = $picture->pixel($x, 16);
            self::assertEqualsWithDelta($alpha, $red, 1, 'white, premultiplied, is its alpha');
        }
    }

    public function test_a_clip_that_begins_with_nothing_is_known_by_what_comes(): void
    {
        $clip = Probe::clip(Clips::make(
            'alpha-late.mov',
            [
                '-f', 'lavfi', '-i', "color=c=black:s=64x32:r=25,format=rgba,geq=r=201:g=151:b=63:a='if(lt(N,2),0,255)'",
                '-frames:v', '9', '-c:v', 'qtrle', '-pix_fmt', 'argb',
            ],
        ));
        $folder = Clips::folder().'/alpha-late';
        (new Preparation($clip, $folder))->run(fn (): bool => true);
        $rgba = Ffmpeg::run([...Ffmpeg::command(), '-i', "$folder/poster.webp", '-vf', 'format=rgba', '-f', 'rawvideo', 'pipe:1']);
        self::assertSame(255, ord($rgba[3]));
        array_map(unlink(...), [...glob("$folder/frames/*") ?: [], ...array_filter(glob("$folder/*") ?: [], is_file(...))]);
        rmdir("$folder/frames");
        rmdir($folder);
    }

    public function test_its_preview_keeps_alpha(): void
    {
        $clip = Probe::clip(self::clip('alpha-rle.mov', ['-c:v', 'qtrle', '-pix_fmt', 'argb']));
        $folder = Clips::folder().'/alpha-preview';
        $preparation = new Preparation($clip, $folder);
        $preparation->run(fn (): bool => true);
        self::assertSame('webp', $preparation->plan->type);
        self::assertCount(6, glob("$folder/frames/*.webp") ?: []);
        self::assertFileExists("$folder/poster.webp");
        $pixels = fn (string $file): string => Ffmpeg::run([
            ...Ffmpeg::command(), '-i', $file, '-vf', 'format=rgba', '-f', 'rawvideo', 'pipe:1',
        ]);
        $alpha = fn (string $rgba, int $x): int => ord($rgba[4 * (16 * 64 + $x) + 3]);
        foreach (["$folder/frames/000002.webp", $this->original($clip, $folder)] as $file) {
            self::assertEqualsWithDelta(80, $alpha($pixels($file), 20), 4);
            self::assertEqualsWithDelta(240, $alpha($pixels($file), 60), 4);
        }
        array_map(unlink(...), [...glob("$folder/frames/*") ?: [], ...array_filter(glob("$folder/*") ?: [], is_file(...))]);
        rmdir("$folder/frames");
        rmdir($folder);
    }

    private function original(\Ricamo\Raster\Media\Clip $clip, string $folder): string
    {
        self::assertSame('image/png', OriginalFrame::type($clip));
        file_put_contents("$folder/original.png", OriginalFrame::of($clip, 2));

        return "$folder/original.png";
    }
}
