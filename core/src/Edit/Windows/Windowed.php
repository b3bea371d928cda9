<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Windows;

use Ricamo\Core\Cascade\Running;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Document\MediaLibrary;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Kind\Bundle\BundleContent;
use Ricamo\Core\Kind\Footage\FootageContent;
use Ricamo\Core\Kind\LayerKinds;
use Ricamo\Core\Kind\Shape\ShapeContent;
use Ricamo\Core\Kind\Shape\ShapeForm;
use Ricamo\Core\Kind\Window\WindowContent;
use Ricamo\Core\Property\AttachedSettings;
use Ricamo\Core\Refusal;

/** Layers as windows. */
final class Windowed
{
    /** What a bundle can be told and a window cannot. */
    private const OWN = ['length' => 0, 'stretches' => 0, 'mirrors' => 0, 'crop' => 0];

    /**
     * A clip or a picture becomes a window as large as it is, and no frame changes; a shape becomes an empty one of its
     * form, without what windows do not have: its repeats, and the cascades over them.
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
        } elseif (
            $content instanceof FootageContent
            || ($content instanceof BundleContent && array_intersect_key($content->toJson(), self::OWN) === [])
        ) {
            $size = $content->plays($media)->size();
            $window = new WindowContent(ShapeForm::Rectangle, $content);
            $own = ['size' => [$size->width, $size->height], 'fill' => '#00000000', 'scaleLinked' => $layer->switches->scaleLinked];
        } else {
            throw new Refusal("“{$layer->name}” is neither a clip nor a picture nor a shape nor a plain bundle; it cannot be a window");
        }
        $kept = array_diff_key(
            $layer->toJson(),
            $layer->kind->contentFields(),
            array_diff_key($layer->kind->properties(), $kind->properties()),
            ['cascades' => 0],
        );
        $cascades = AttachedSettings::write(Running::ofPatches($layer->attached->cascades), $layer->properties);

        return Layer::read(new Node([
            ...$kept, 'kind' => $kind->name(), ...$window->toJson(), ...($cascades === [] ? [] : ['cascades' => $cascades]), ...$own,
        ]));
    }
}
