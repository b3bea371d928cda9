<?php

namespace Ricamo\Core\Kind\Shape;

use Ricamo\Core\Display\Fill;
use Ricamo\Core\Display\Join;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Kind\Artist;
use Ricamo\Core\Kind\Moment;
use Ricamo\Core\Kind\PaintedPictures;
use Ricamo\Core\Kind\ReachesBeyond;
use Ricamo\Core\Line\LineArtist;
use Ricamo\Core\Paint\Painted;
use Ricamo\Core\Paint\Paints;

/** Draws forms: the fill, and the outline over it, centred on the edge. */
final class ShapeArtist implements Artist, ReachesBeyond
{
    public function __construct(private readonly PaintedPictures $pictures, private readonly Outlines $outlines = new Outlines)
    {
    }

    public function draw(Layer $layer, Composition $composition, Moment $moment, Affine $matrix): array
    {
        assert($layer->content instanceof ShapeContent);
        $at = $moment->at;
        $formed = Formed::of($layer->content->form, $layer, $at);
        if ($formed->isEmpty()) {
            return [];
        }
        $box = $formed->box;
        $width = max(0, $layer->number('outlineWidth', $at));
        $path = $this->outlines->of($formed);
        $operations = [];
        $pictures = $this->pictures->on($layer, $composition, $moment);
        $fill = Paints::of(Painted::Fill, $layer, $at, $box);
        if ($fill !== null) {
            $operations = Paints::painted($fill, [new Fill($path, $matrix, Paints::within($fill))], $matrix, $pictures);
        }
        $outline = $width > 0 ? Paints::of(Painted::Outline, $layer, $at, $box->grown($width / 2)) : null;
        if ($outline !== null) {
            $lines = new LineArtist($layer, $at, $width, Join::Miter, $layer->content->cap);
            array_push($operations, ...Paints::painted($outline, $lines->draw($path, $matrix, fn (Affine $own) => Paints::within($outline, $own)), $matrix, $pictures));
        }

        return $operations;
    }

    public function seen(Layer $layer, Composition $composition, Moment $moment, Affine $matrix): array
    {
        return Paints::beyond($layer, $moment->at, $this->box($layer, $composition, $moment->at), $matrix, $this->pictures->on($layer, $composition, $moment));
    }

    public function box(Layer $layer, Composition $composition, int|float $at): Box
    {
        assert($layer->content instanceof ShapeContent);

        return Formed::of($layer->content->form, $layer, $at)->box;
    }
}
