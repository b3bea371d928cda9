<?php

namespace Ricamo\Core\Evaluate;

use Ricamo\Core\Display\Image;
use Ricamo\Core\Document\Content\FootageContent;
use Ricamo\Core\Document\MediaLibrary;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Time\FrameRange;
use Ricamo\Core\Time\FrameRate;

/** Draws clips: which of their frames, and where. */
final readonly class FootageArtist
{
    public function __construct(private MediaLibrary $media)
    {
    }

    /** @return list<Image> */
    public function draw(FootageContent $content, FrameRange $span, FrameRate $rate, int $frame, Affine $matrix): array
    {
        $facts = $this->media->get($content->media)->known();
        $shown = $content->from + $facts->rate->frameShownAt($frame - $span->in, $rate);
        $size = $facts->size();

        // A clip shorter than its layer holds its last frame.
        return [new Image(
            $content->media,
            min($shown, $facts->frames - 1),
            $size,
            $matrix->after(Affine::translation(-$size->width / 2, -$size->height / 2)),
            1.0,
        )];
    }

    public function box(FootageContent $content): Box
    {
        $size = $this->media->get($content->media)->size();

        return Box::centred($size->width, $size->height);
    }
}
