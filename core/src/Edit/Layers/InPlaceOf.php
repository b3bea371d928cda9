<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Layers;

use Ricamo\Core\Cascade\Running;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Kind\LayerKinds;
use Ricamo\Core\Property\AttachedSettings;

/** What comes in the place of a layer that becomes others: with its id, its placement, its animation and all that is done to it. */
final class InPlaceOf
{
    /** What only a layer with an outline has, or what is spread over units of its own. */
    private const OWN = ['gradients' => 0, 'outlines' => 0, 'brush' => 0, 'cascades' => 0];

    /**
     * What is cut into patches stays so, and these come and go as they did.
     *
     * @param  array<string, mixed>  $more  fields that it has besides
     * @param  list<array<string, mixed>>  $cascades  that it has besides those of its patches
     */
    public static function of(Layer $layer, string $kind, array $more = [], array $cascades = []): Layer
    {
        $properties = array_diff_key($layer->kind->properties(), LayerKinds::all()['group']->properties());
        $all = [...AttachedSettings::write(Running::ofPatches($layer->attached->cascades), $layer->properties), ...$cascades];

        return Layer::read(new Node([
            ...array_diff_key($layer->toJson(), $layer->kind->contentFields(), $properties, self::OWN), 'kind' => $kind,
            ...($all === [] ? [] : ['cascades' => $all]), ...$more,
        ]));
    }
}
