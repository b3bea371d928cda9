<?php

namespace Ricamo\Core\Kind\Footage;

use Ricamo\Core\Display\Image;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Document\MediaLibrary;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Kind\Artist;
use Ricamo\Core\Kind\Moment;

/** Draws clips: which of their frames, and where. */
final readonly class FootageArtist implements Artist
{
    public function __construct(private MediaLibrary $media, private ReadDrawings $drawings = new ReadDrawings)
    {
    }

    public function draw(Layer $layer, Composition $composition, Moment $moment, Affine $matrix): array
    {
        $content = $this->content($layer);
        $media = $this->media->get($content->media);
        $facts = $media->known();
        $shown = $content->frameShownAfter($moment->frame - $layer->span->in, $facts, $composition->rate);
        $size = $facts->size();

        $drawing = $this->drawings->of($media);
        if ($drawing !== null) {
            $scaled = Affine::scaling($size->width / $drawing->width, $size->height / $drawing->height);

            return $shown === null ? [] : $drawing->operations($matrix->after(Affine::translation(-$size->width / 2, -$size->height / 2))->after($scaled));
        }

        return $shown === null ? [] : [new Image(
            $content->media,
            $shown,
            $size,
            $matrix->after(Affine::translation(-$size->width / 2, -$size->height / 2)),
            1.0,
            $facts->alpha,
        )];
    }

    public function box(Layer $layer, Composition $composition, int|float $at): Box
    {
        $size = $this->media->get($this->content($layer)->media)->size();

        return Box::centred($size->width, $size->height);
    }

    private function content(Layer $layer): FootageContent
    {
        assert($layer->content instanceof FootageContent);

        return $layer->content;
    }
}
