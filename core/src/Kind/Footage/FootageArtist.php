<?php

declare(strict_types=1);

namespace Ricamo\Core\Kind\Footage;

use Ricamo\Core\Display\Image;
use Ricamo\Core\Display\Operation;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Document\MediaLibrary;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Kind\Artist;
use Ricamo\Core\Kind\Moment;
use Ricamo\Core\Kind\Playing\Ramp;

/** Draws clips: which of their frames, and where. */
final readonly class FootageArtist implements Artist
{
    public function __construct(private MediaLibrary $media, private ReadDrawings $drawings = new ReadDrawings)
    {
    }

    public function draw(Layer $layer, Composition $composition, Moment $moment, Affine $matrix): array
    {
        return $this->shown($this->content($layer), $moment->frame - $layer->span->in, $composition, $matrix, Ramp::of($layer));
    }

    /**
     * What is to be seen of a clip or a picture, with its middle at the matrix's origin.
     *
     * @param  int  $after  frames of the composition after the layer's in point
     * @return list<Operation>
     */
    public function shown(FootageContent $content, int $after, Composition $composition, Affine $matrix, ?Ramp $ramp = null): array
    {
        $media = $this->media->get($content->media);
        $facts = $media->known();
        $shown = $content->frameShownAfter($after, $composition->rate, $this->media, $ramp);
        if ($shown === null) {
            return [];
        }
        $size = $facts->size();
        $corner = $matrix->after(Affine::translation(-$size->width / 2, -$size->height / 2));
        $drawing = $this->drawings->of($media);

        return $drawing === null
            ? [new Image($content->media, $shown, $size, $corner, 1.0, $facts->alpha)]
            : $drawing->operations($corner->after(Affine::scaling($size->width / $drawing->width, $size->height / $drawing->height)));
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
