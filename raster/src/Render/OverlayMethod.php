<?php

declare(strict_types=1);

namespace Ricamo\Raster\Render;

use Ricamo\Core\Display\Backdrop;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Time\FrameRange;
use Ricamo\Raster\Draw\Painter;
use Ricamo\Raster\Draw\Surface;
use Ricamo\Raster\Media\Clip;
use Ricamo\Raster\Media\ClipPictures;
use Ricamo\Raster\Process\Ffmpeg;

/** Lets ffmpeg decode the clip beneath, and draws only the region that the graphics over it touch. */
final readonly class OverlayMethod implements Method
{
    private Box $region;

    public function __construct(private Scene $scene, private Backdrop $backdrop, private Output $output = new Output)
    {
        $this->region = $this->evenRegion();
    }

    public function command(FrameRange $range): array
    {
        $clip = $this->scene->clips->get($this->backdrop->media);
        $rate = $this->scene->composition->rate;
        // After fps, time is counted in frames: N is exact.
        $beneath = "[0:v:0]{$clip->frames($this->backdrop->firstFrame)},{$this->placed($clip)},setsar=1,setpts=N[beneath]";
        // Straight alpha, because in limited range a premultiplied black is not zero.
        $above = '[1:v]format=gbrap,unpremultiply=inplace=1,'.VideoFormat::COLOURS.',format=yuva420p[above]';

        return [
            ...Ffmpeg::command(),
            ...$clip->open($this->backdrop->firstFrame),
            '-f', 'rawvideo', '-pix_fmt', 'bgra', '-s', "{$this->region->width()}x{$this->region->height()}", '-r', (string) $rate,
            '-i', 'pipe:0',
            '-filter_complex',
            "$beneath;$above;[beneath][above]overlay={$this->region->left}:{$this->region->top}:format=yuv420:eof_action=endall[out]",
            '-map', '[out]', '-frames:v', (string) $range->length(), ...$this->output->format->encoder($rate, $this->output->quality),
        ];
    }

    public function frames(FrameRange $range): iterable
    {
        $surface = new Surface((int) $this->region->width(), (int) $this->region->height());
        $view = Affine::translation(-$this->region->left, -$this->region->top);
        $painter = new Painter($surface, new ClipPictures($this->scene->clips), $view);
        foreach ($this->scene->lists($range) as $index => $list) {
            $painter->paintOver(array_slice($list->operations, 1));
            yield $index => $surface;
        }
    }

    /** The filters that lay the clip out in the frame, in the output's colours. */
    private function placed(Clip $clip): string
    {
        $place = $this->backdrop->place;
        [$width, $height] = [(int) $place->width(), (int) $place->height()];
        $isAsItIs = $clip->isPlain() && $width === $clip->width && $height === $clip->height;
        $frame = $this->scene->composition;

        return ($isAsItIs ? "scale=$width:$height,format=yuv420p" : $clip->toYuv($width, $height, 'bt709', false))
            .sprintf(',crop=%d:%d:%d:%d', $frame->width, $frame->height, -$place->left, -$place->top);
    }

    /** The touched pixels inside the frame, out to even numbers, because chroma is stored for two by two of them. */
    private function evenRegion(): Box
    {
        $frame = new Box(0, 0, $this->scene->composition->width, $this->scene->composition->height);
        $touched = $this->backdrop->touched?->grown(1)->intersection($frame) ?? new Box(0, 0, 2, 2);

        return new Box(
            2 * floor($touched->left / 2), 2 * floor($touched->top / 2),
            2 * ceil($touched->right / 2), 2 * ceil($touched->bottom / 2),
        );
    }
}
