<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Layers;

use Ricamo\Core\Document\Layer;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Kind\LayerKinds;

/** What comes in the place of a layer that becomes others: with its id, its placement, its animation and all that is done to it. */
final class InPlaceOf
{
    /** What only a layer with an outline has, or what is spread over units of its own. */
    private const OWN = ['gradients' => 0, 'outlines' => 0, 'brush' => 0, 'cascades' => 0];

    /** @param  array<string, mixed>  $more  fields that it has besides */
    public static function of(Layer $layer, string $kind, array $more = []): Layer
    {
        $properties = array_diff_key($layer->kind->properties(), LayerKinds::all()['group']->properties());

        return Layer::read(new Node([
            ...array_diff_key($layer->toJson(), $layer->kind->contentFields(), $properties, self::OWN), 'kind' => $kind, ...$more,
        ]));
    }
}
