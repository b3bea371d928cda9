<?php

namespace Ricamo\Core\Kind;

use Ricamo\Core\Display\Operation;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Document\MediaLibrary;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Size;
use Ricamo\Core\Kind\Footage\FootageArtist;
use Ricamo\Core\Kind\Footage\FootageContent;
use Ricamo\Core\Kind\Window\Fitting;

/** What is to be seen of pictures and clips that layers are painted with. */
final readonly class PaintedPictures
{
    private FootageArtist $footage;

    public function __construct(private MediaLibrary $media)
    {
        $this->footage = new FootageArtist($media);
    }

    /** @return callable(FootageContent, Affine, Box): list<Operation> so large that it covers a box whose middle is at the matrix's origin */
    public function on(Layer $layer, Composition $composition, Moment $moment): callable
    {
        return function (FootageContent $content, Affine $place, Box $box) use ($layer, $composition, $moment): array {
            $scale = Fitting::Fill->scale($content->plays($this->media)->size(), new Size($box->width(), $box->height()));

            return $this->footage->shown($content, $moment->frame - $layer->span->in, $composition, $place->after(Affine::scaling($scale, $scale)));
        };
    }
}
