<?php

declare(strict_types=1);

namespace Ricamo\Raster\Render;

use Ricamo\Core\Time\FrameRate;

/** What formats of video have in common: BT.709 in limited range, marked so, and times in which every frame begins exactly. */
final class VideoFormat
{
    /**
     * The filter that turns red, green and blue into the output's colours, averaging the chroma of two by two pixels;
     * swscale is exact only with accurate rounding.
     */
    public const COLOURS = 'scale=out_color_matrix=bt709:out_range=tv:flags=area+accurate_rnd';

    public const COLOUR_MARKS = ['-colorspace', 'bt709', '-color_primaries', 'bt709', '-color_trc', 'bt709', '-color_range', 'tv'];

    /** @return list<string> a time scale in which every frame begins on a whole number, so that pieces join without rounding */
    public static function times(FrameRate $rate): array
    {
        return ['-video_track_timescale', (string) self::timeScale($rate)];
    }

    /** Joining counts the length of pieces in microseconds; this takes every frame back to where it begins exactly. */
    public static function wholeFrames(FrameRate $rate): string
    {
        $ticks = intdiv(self::timeScale($rate) * $rate->denominator, $rate->numerator);

        return "setts=pts=round(PTS/$ticks)*$ticks:dts=round(DTS/$ticks)*$ticks";
    }

    /** The same where a container counts milliseconds and frames come in their order: by their number alone. */
    public static function counted(FrameRate $rate): string
    {
        return "setts=ts=round(N*{$rate->denominator}/{$rate->numerator}/TB)";
    }

    private static function timeScale(FrameRate $rate): int
    {
        return $rate->numerator < 10_000 ? $rate->numerator * intdiv(19_999, $rate->numerator) : $rate->numerator;
    }
}
