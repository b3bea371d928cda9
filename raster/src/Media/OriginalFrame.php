<?php

declare(strict_types=1);

namespace Ricamo\Raster\Media;

use Ricamo\Core\Refusal;
use Ricamo\Raster\Process\Ffmpeg;

/** One frame of a clip as its file holds it, at full size, for a picture that stands still. */
final class OriginalFrame
{
    private const SECONDS = 20;

    /**
     * @return string a picture of the type that `type` says
     *
     * @throws Refusal for a frame that the clip does not have, or that cannot be reached in time
     */
    public static function of(Clip $clip, int $frame): string
    {
        if ($frame < 0 || $frame >= $clip->frames) {
            throw new Refusal('the clip has no such frame');
        }
        if ($clip->isLarge) {
            return LargePicture::encoded($clip, $clip->width, $clip->height, $clip->alpha ? 'png' : 'jpg', self::SECONDS);
        }
        $scale = $clip->alpha
            ? $clip->toStraightAlpha($clip->width, $clip->height)
            : $clip->toYuv($clip->width, $clip->height, 'smpte170m', true);
        $encoder = $clip->alpha ? ['-c:v', 'png', '-compression_level', '1'] : ['-c:v', 'mjpeg', '-q:v', '2', '-huffman', 'default'];

        return Ffmpeg::run([
            ...Ffmpeg::command(), ...$clip->open($frame), '-map', '0:v:0', '-vf',
            "{$clip->frames($frame)},trim=end_frame=1,$scale,setsar=1",
            '-frames:v', '1', '-fps_mode', 'passthrough', ...$encoder, '-f', 'image2pipe', 'pipe:1',
        ], self::SECONDS);
    }

    /** Its MIME type. */
    public static function type(Clip $clip): string
    {
        return $clip->alpha ? 'image/png' : 'image/jpeg';
    }
}
