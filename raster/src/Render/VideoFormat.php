<?php

namespace Ricamo\Raster\Render;

use Ricamo\Core\Time\FrameRate;

/** How finished video is encoded: H.264 in 4:2:0, BT.709 in limited range, and marked so. */
final class VideoFormat
{
    /** The scaler's settings that turn whatever comes into the output's colours. */
    public const COLOURS = 'out_color_matrix=bt709:out_range=tv';

    /** @return list<string> */
    public static function encoder(FrameRate $rate): array
    {
        return [
            '-c:v', 'libx264', '-preset', 'fast', '-crf', '17', '-pix_fmt', 'yuv420p',
            '-colorspace', 'bt709', '-color_primaries', 'bt709', '-color_trc', 'bt709', '-color_range', 'tv',
            // A time scale in which every frame begins on a whole number, so that pieces join without rounding.
            '-video_track_timescale', (string) self::timeScale($rate),
        ];
    }

    /** 4:2:0 needs even sides: an odd picture gets one more column or row, a copy of its last. */
    public static function even(int $width, int $height): string
    {
        $right = $width % 2;
        $bottom = $height % 2;

        return $right + $bottom === 0 ? '' : sprintf(
            ',pad=%d:%d,fillborders=right=%d:bottom=%d:mode=smear', $width + $right, $height + $bottom, $right, $bottom,
        );
    }

    private static function timeScale(FrameRate $rate): int
    {
        return $rate->numerator < 10_000 ? $rate->numerator * intdiv(19_999, $rate->numerator) : $rate->numerator;
    }
}
