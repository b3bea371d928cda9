<?php

namespace Ricamo\Raster\Render;

use Ricamo\Core\Time\FrameRate;

/** How finished video is encoded: H.264 in 4:2:0, BT.709 in limited range, and marked so. */
final class VideoFormat
{
    /**
     * The filter that turns red, green and blue into the output's colours, averaging the chroma of two by two pixels;
     * swscale is exact only with accurate rounding.
     */
    public const COLOURS = 'scale=out_color_matrix=bt709:out_range=tv:flags=area+accurate_rnd';

    /** @return list<string> */
    public static function encoder(FrameRate $rate): array
    {
        return [
            '-c:v', 'libx264', '-preset', 'fast', '-crf', '17', '-pix_fmt', 'yuv420p',
            // Looking fewer frames ahead than the preset does takes a quarter less memory and no more bits. Where chroma lies
            // is said once for all pieces, whatever filters they came through.
            '-x264-params', 'rc-lookahead=10:chromaloc=0',
            '-colorspace', 'bt709', '-color_primaries', 'bt709', '-color_trc', 'bt709', '-color_range', 'tv',
            // A time scale in which every frame begins on a whole number, so that pieces join without rounding.
            '-video_track_timescale', (string) self::timeScale($rate),
        ];
    }

    /** How long a frame lasts in that time scale. */
    public static function ticks(FrameRate $rate): int
    {
        return intdiv(self::timeScale($rate) * $rate->denominator, $rate->numerator);
    }

    private static function timeScale(FrameRate $rate): int
    {
        return $rate->numerator < 10_000 ? $rate->numerator * intdiv(19_999, $rate->numerator) : $rate->numerator;
    }
}
