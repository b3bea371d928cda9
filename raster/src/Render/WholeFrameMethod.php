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
        [$width, $height] = $this->size();
        $rate = $this->scene->composition->rate;

        return [
            ...Ffmpeg::command(),
            '-f', 'rawvideo', '-pix_fmt', 'bgr0', '-s', "{$width}x{$height}", '-r', (string) $rate, '-i', 'pipe:0',
            '-vf', VideoFormat::COLOURS.',format=yuv420p',
            '-frames:v', (string) $range->length(), ...VideoFormat::encoder($rate),
        ];
    }

    public function frames(FrameRange $range): iterable
    {
        $surface = new Surface(...$this->size());
        $painter = new Painter($surface, new ClipPictures($this->scene->clips), $this->scene->view());
        foreach ($this->scene->lists($range) as $index => $list) {
            $painter->paint($list);
            $surface->repeatEdges($this->scene->width(), $this->scene->height());
            yield $index => $surface;
        }
    }

    /** @return array{int, int} 4:2:0 needs even sides: an odd picture gets one more column or row, a copy of its last */
    private function size(): array
    {
        [$width, $height] = [$this->scene->width(), $this->scene->height()];

        return [$width + $width % 2, $height + $height % 2];
    }
}
