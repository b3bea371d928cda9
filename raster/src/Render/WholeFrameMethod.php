<?php

declare(strict_types=1);

namespace Ricamo\Raster\Render;

use Ricamo\Core\Time\FrameRange;
use Ricamo\Raster\Draw\Painter;
use Ricamo\Raster\Draw\Surface;
use Ricamo\Raster\Media\ClipPictures;
use Ricamo\Raster\Process\Ffmpeg;

/** Draws every frame in full. */
final readonly class WholeFrameMethod implements Method
{
    public function __construct(private Scene $scene, private Output $output = new Output)
    {
    }

    public function command(FrameRange $range): array
    {
        $size = $this->scene->size()->in($this->output->format);
        $rate = $this->scene->composition->rate;
        $format = $this->output->format;

        return [
            ...Ffmpeg::command(),
            '-f', 'rawvideo', '-pix_fmt', $format->holdsAlpha() ? 'bgra' : 'bgr0', '-s', "{$size->width}x{$size->height}",
            '-r', (string) $rate, '-i', 'pipe:0',
            '-vf', $format->filter($this->output->premultiplied),
            '-frames:v', (string) $range->length(), ...$format->encoder($rate, $this->output->quality),
        ];
    }

    public function frames(FrameRange $range): iterable
    {
        $size = $this->scene->size()->in($this->output->format);
        $surface = new Surface($size->width, $size->height);
        $painter = new Painter($surface, new ClipPictures($this->scene->clips), $this->scene->view());
        foreach ($this->scene->lists($range) as $index => $list) {
            $painter->paint($list);
            $surface->repeatEdges($this->scene->width(), $this->scene->height());
            yield $index => $surface;
        }
    }
}
