<?php

namespace Ricamo\Core\Kind\Text;

use Ricamo\Core\Display\Fill;
use Ricamo\Core\Display\Join;
use Ricamo\Core\Display\Pen;
use Ricamo\Core\Display\Stroke;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Document\MediaLibrary;
use Ricamo\Core\Evaluate\TextBlocks;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Kind\Artist;
use Ricamo\Core\Kind\Materials;
use Ricamo\Core\Kind\Moment;
use Ricamo\Core\Kind\PaintedPictures;
use Ricamo\Core\Kind\ReachesBeyond;
use Ricamo\Core\Paint\Painted;
use Ricamo\Core\Paint\Paints;
use Ricamo\Core\Refusal;
use Ricamo\Core\Text\ShapedLine;
use Ricamo\Core\Text\TextBlock;

/** Draws text: for each line the outline beneath, so that it does not eat into the letters, then the fill. */
final readonly class TextArtist implements Artist, ReachesBeyond
{
    private PaintedPictures $pictures;

    private TextBlocks $blocks;

    private MediaLibrary $media;

    public function __construct(Materials $materials)
    {
        [$this->blocks, $this->media] = [$materials->blocks, $materials->media];
        $this->pictures = new PaintedPictures($materials);
    }

    public function draw(Layer $layer, Composition $composition, Moment $moment, Affine $matrix): array
    {
        $at = $moment->at;
        $typeSize = max(0.01, $layer->number('typeSize', $at));
        $leading = $layer->number('leading', $at);
        $width = max(0, $layer->number('outlineWidth', $at)) * ShapedLine::EM / $typeSize;
        $block = $this->block($layer, $at);
        $box = $block->box($typeSize, $leading);
        $fill = Paints::of(Painted::Fill, $layer, $at, $box);
        $outline = $width > 0 ? Paints::of(Painted::Outline, $layer, $at, $box) : null;

        $strokes = [];
        $fills = [];
        foreach ($block->lines as $index => $line) {
            if ($line->outline->isEmpty()) {
                continue;
            }
            $own = $block->placement($index, $typeSize, $leading);
            $placed = $matrix->after($own);
            if ($outline !== null) {
                $strokes[] = new Stroke($line->outline, $placed, Paints::within($outline, $own), new Pen($width, Join::Round));
            }
            if ($fill !== null) {
                $fills[] = new Fill($line->outline, $placed, Paints::within($fill, $own));
            }
        }

        $pictures = $this->pictures->on($layer, $composition, $moment);

        return [...Paints::painted($outline, $strokes, $matrix, $pictures), ...Paints::painted($fill, $fills, $matrix, $pictures)];
    }

    public function seen(Layer $layer, Composition $composition, Moment $moment, Affine $matrix): array
    {
        return Paints::beyond($layer, $moment->at, $this->box($layer, $composition, $moment->at), $matrix, $this->pictures->on($layer, $composition, $moment));
    }

    public function box(Layer $layer, Composition $composition, int|float $at): Box
    {
        return $this->block($layer, $at)
            ->box(max(0.01, $layer->number('typeSize', $at)), $layer->number('leading', $at));
    }

    private function block(Layer $layer, int|float $at): TextBlock
    {
        assert($layer->content instanceof TextContent);
        $font = $layer->content->fontMedia;
        if ($font !== null && $this->media->get($font)->known()->font === null) {
            throw new Refusal("“{$this->media->get($font)->name}” is no font");
        }

        return $this->blocks->of($layer->content, $layer->number('tracking', $at));
    }
}
