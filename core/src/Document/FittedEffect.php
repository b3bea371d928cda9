<?php

declare(strict_types=1);

namespace Ricamo\Core\Document;

use Ricamo\Core\Animation\Property;
use Ricamo\Core\Effect\Effect;
use Ricamo\Core\Effect\FitsLayer;
use Ricamo\Core\Effect\PlacedEffect;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Property\AttachedSettings;

/** Gives a layer an effect. */
final class FittedEffect
{
    /**
     * @param  Box  $box  what the layer takes up, in its own pixels
     * @param  array<string, mixed>  $values  by the name of the setting, for those that are to be neither fitted nor as they are by default
     */
    public static function added(Layer $layer, Effect $effect, Box $box, array $values = []): Layer
    {
        $added = new PlacedEffect(FreeId::of('e', $layer->attached->effects), $effect);
        $values += $effect instanceof FitsLayer && $box->width() > 0 && $box->height() > 0 ? $effect->fitted($box) : [];
        $settings = [];
        foreach (AttachedSettings::definitions($added) as $name => $definition) {
            $settings[$name] = Property::constant(
                $definition->type, $values[substr($name, strlen($added->id) + 1)] ?? $definition->default,
            );
        }

        return $layer->attaching(['effects' => [...$layer->attached->effects, $added]])->with([
            'properties' => [...$layer->properties, ...$settings],
        ]);
    }
}
