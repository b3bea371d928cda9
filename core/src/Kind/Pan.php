<?php

declare(strict_types=1);

namespace Ricamo\Core\Kind;

use Ricamo\Core\Document\Layer;
use Ricamo\Core\Paint\PlacedGradient;

/** By which of its properties what is seen in a layer is moved within it: in a window, or in the first picture that it is painted with. */
final class Pan
{
    /** The property's name; null where nothing can be moved. */
    public static function of(Layer $layer): ?string
    {
        if ($layer->content instanceof Pans && $layer->content->showsAnything()) {
            return 'pan';
        }
        $gradients = $layer->attached->gradients;
        $pictured = $gradients === [] ? null : PlacedGradient::pictured($gradients);

        return $pictured === null ? null : "{$pictured->id()}.pan";
    }
}
