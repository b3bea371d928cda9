<?php

namespace Ricamo\Core\Edit\Windows;

use Ricamo\Core\Document\Layer;
use Ricamo\Core\Document\MediaLibrary;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Kind\Footage\FootageContent;
use Ricamo\Core\Kind\LayerKinds;
use Ricamo\Core\Kind\Shape\ShapeContent;
use Ricamo\Core\Kind\Shape\ShapeForm;
use Ricamo\Core\Kind\Window\WindowContent;
use Ricamo\Core\Refusal;

/** Layers as windows. */
final class Windowed
{
    /**
     * A clip or a picture becomes a window as large as it is, and no frame changes; a shape becomes an empty one of its form.
     *
     * @throws Refusal for what can be no window
     */
    public static function of(Layer $layer, MediaLibrary $media): Layer
    {
        $content = $layer->content;
        if ($content instanceof WindowContent) {
            return $layer;
        }
        $kind = LayerKinds::all()['window'];
        if ($content instanceof ShapeContent) {
            $window = new WindowContent($content->form);
            $own = [];
        } elseif ($content instanceof FootageContent) {
            $size = $content->plays($media)->size();
            $window = new WindowContent(ShapeForm::Rectangle, $content);
            $own = ['size' => [$size->width, $size->height], 'fill' => '#00000000', 'scaleLinked' => $layer->scaleLinked];
        } else {
            throw new Refusal("“{$layer->name}” is neither a clip nor a picture nor a shape; it cannot be a window");
        }
        $kept = array_diff_key($layer->toJson(), $layer->kind->contentFields());

        return Layer::read(new Node([...$kept, 'kind' => $kind->name(), ...$window->toJson(), ...$own]));
    }
}
