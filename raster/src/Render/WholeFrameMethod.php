<?php

namespace Ricamo\Raster\Render;

use Ricamo\Core\Time\FrameRange;
use Ricamo\Raster\Draw\Painter;
use Ricamo\Raster\Draw\Surface;
use Ricamo\Raster\Media\ClipPictures;
use Ricamo\Raster\Process\Ffmpeg;

/** Draws every frame in full. */
final readonly class WholeFrameMethod implements Method
{
    public function __construct(private Scene $scene)
    {
    }

    public function command(FrameRange $range): array
    {
        $width = $this->scene->width();
        $height = $this->scene->height();
        $rate = $this->scene->composition->rate;

        return [
            ...Ffmpeg::command(),
            '-f', 'rawvideo', '-pix_fmt', 'bgr0', '-s', "{$width}x{$height}", '-r', (string) $rate, '-i', 'pipe:0',
            '-vf', 'scale='.VideoFormat::COLOURS.',format=yuv420p'.VideoFormat::even($width, $height),
            '-frames:v', (string) $range->length(), ...VideoFormat::encoder($rate),
        ];
    }

    public function frames(FrameRange $range): iterable
    {
        $surface = new Surface($this->scene->width(), $this->scene->height());
        $painter = new Painter($surface, new ClipPictures($this->scene->clips), $this->scene->view());
        foreach ($this->scene->lists($range) as $index => $list) {
            $painter->paint($list);
            yield $index => $surface;
        }
    }
}
