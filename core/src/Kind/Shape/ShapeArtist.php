<?php

namespace Ricamo\Core\Kind\Shape;

use Ricamo\Core\Display\Fill;
use Ricamo\Core\Display\Join;
use Ricamo\Core\Display\Pen;
use Ricamo\Core\Display\Stroke;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Kind\Artist;
use Ricamo\Core\Kind\Moment;
use Ricamo\Core\Kind\PaintedPictures;
use Ricamo\Core\Kind\ReachesBeyond;
use Ricamo\Core\Paint\Painted;
use Ricamo\Core\Paint\Paints;

/** Draws rectangles and ellipses: the fill, and the outline over it, centred on the edge. */
final class ShapeArtist implements Artist, ReachesBeyond
{
    public function __construct(private readonly PaintedPictures $pictures, private readonly Outlines $outlines = new Outlines)
    {
    }

    public function draw(Layer $layer, Composition $composition, Moment $moment, Affine $matrix): array
    {
        assert($layer->content instanceof ShapeContent);
        $at = $moment->at;
        $box = $this->box($layer, $composition, $at);
        if ($box->width() <= 0 || $box->height() <= 0) {
            return [];
        }
        $width = max(0, $layer->number('outlineWidth', $at));
        $path = $this->outlines->of($layer->content->form, $box, max(0, $layer->number('rounding', $at)));
        $operations = [];
        $pictures = $this->pictures->on($layer, $composition, $moment);
        $fill = Paints::of(Painted::Fill, $layer, $at, $box);
        if ($fill !== null) {
            $operations = Paints::painted($fill, [new Fill($path, $matrix, Paints::within($fill))], $matrix, $pictures);
        }
        $outline = $width > 0 ? Paints::of(Painted::Outline, $layer, $at, $box->grown($width / 2)) : null;
        if ($outline !== null) {
            array_push($operations, ...Paints::painted($outline, [new Stroke($path, $matrix, Paints::within($outline), new Pen($width, Join::Miter))], $matrix, $pictures));
        }

        return $operations;
    }

    public function seen(Layer $layer, Composition $composition, Moment $moment, Affine $matrix): array
    {
        return Paints::beyond($layer, $moment->at, $this->box($layer, $composition, $moment->at), $matrix, $this->pictures->on($layer, $composition, $moment));
    }

    public function box(Layer $layer, Composition $composition, int|float $at): Box
    {
        $size = $layer->size('size', $at);

        return Box::centred(max(0, $size->width), max(0, $size->height));
    }
}
