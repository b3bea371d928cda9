<?php

namespace Ricamo\Core\Evaluate;

use Ricamo\Core\Display\Fill;
use Ricamo\Core\Display\Join;
use Ricamo\Core\Display\Operation;
use Ricamo\Core\Display\Outline;
use Ricamo\Core\Display\Stroke;
use Ricamo\Core\Document\Content\ShapeContent;
use Ricamo\Core\Document\Content\ShapeForm;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Path;

/** Draws rectangles and ellipses: the fill, and the outline over it, centred on the edge. */
final readonly class ShapeArtist
{
    /** @return list<Operation> */
    public function draw(Layer $layer, int $frame, Affine $matrix, float $opacity): array
    {
        $box = $this->box($layer, $frame);
        $fill = $layer->colour('fill', $frame)->faded($opacity);
        $outline = $layer->colour('outline', $frame)->faded($opacity);
        $width = max(0, $layer->number('outlineWidth', $frame));
        if ($box->width() <= 0 || $box->height() <= 0) {
            return [];
        }
        assert($layer->content instanceof ShapeContent);
        $path = Outline::of($layer->content->form === ShapeForm::Ellipse
            ? Path::ellipse($box)
            : Path::rectangle($box, max(0, $layer->number('rounding', $frame))));

        return array_values(array_filter([
            $fill->isVisible() ? new Fill($path, $matrix, $fill) : null,
            $width > 0 && $outline->isVisible() ? new Stroke($path, $matrix, $outline, $width, Join::Miter) : null,
        ]));
    }

    public function box(Layer $layer, int $frame): Box
    {
        $size = $layer->size('size', $frame);

        return Box::centred(max(0, $size->width), max(0, $size->height));
    }
}
