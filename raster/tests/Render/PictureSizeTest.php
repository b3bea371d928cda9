<?php

declare(strict_types=1);

namespace Ricamo\Raster\Tests\Render;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Ricamo\Raster\Render\Format\Formats;
use Ricamo\Raster\Render\Format\Quality;
use Ricamo\Raster\Render\PictureSize;

final class PictureSizeTest extends TestCase
{
    #[TestWith(['mp4', 1.0, 322, 182])]
    #[TestWith(['webm', 1.0, 321, 181])]
    #[TestWith(['mp4', 0.5, 162, 92])] // 160.5 and 90.5 go up, and 161 and 91 are odd
    #[TestWith(['webm', 0.5, 161, 91])]
    #[TestWith(['mp4', 2.0, 642, 362])]
    #[TestWith(['png', 0.001, 2, 2])]
    public function test_it_is_scaled_and_even_where_the_format_takes_nothing_else(
        string $format, float $scale, int $width, int $height,
    ): void {
        $size = PictureSize::drawn(321, 181, $scale)->in(Formats::get($format));
        self::assertSame([$width, $height], [$size->width, $size->height]);
    }

    public function test_its_bytes_grow_with_its_pixels_its_frames_and_its_quality(): void
    {
        $bytes = fn (
            string $format, float $scale, Quality $quality, int $frames,
        ): int => PictureSize::drawn(320, 180, $scale)->bytes(Formats::get($format), $quality, $frames);
        // 320 × 180 × 100 pixels at 0.05 bytes.
        self::assertSame(288_000, $bytes('mp4', 1.0, Quality::Good, 100));
        self::assertSame(4 * 288_000, $bytes('mp4', 2.0, Quality::Good, 100));
        self::assertGreaterThan($bytes('mp4', 1.0, Quality::Small, 100), $bytes('mp4', 1.0, Quality::Best, 100));
        self::assertSame($bytes('still', 1.0, Quality::Good, 1), $bytes('still', 1.0, Quality::Good, 100));
        self::assertSame(0, $bytes('wav', 1.0, Quality::Good, 100));
    }
}
