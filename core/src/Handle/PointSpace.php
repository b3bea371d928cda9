<?php

declare(strict_types=1);

namespace Ricamo\Core\Handle;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Document\View;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Kind\MaskPlaces;
use Ricamo\Core\Refusal;

/** What a place of a layer is counted in: that of the layer itself, of one of its masks, or of a point of one of its effects. */
final class PointSpace
{
    /**
     * To composition pixels, as the layer and the groups that it is in stand on a frame; where it begins does not matter for
     * distances, which are all that is told by it.
     *
     * @param  int  $keyframe  the frame whose point it is about: how far away that is, decides how large its distances are seen
     *
     * @throws Refusal where that has no size
     */
    public static function of(
        Layer $layer, string $property, Composition $composition, int $frame, int $keyframe, Evaluator $evaluator,
    ): Affine {
        $space = self::find($layer, $property, $composition, $frame, $evaluator);
        if ($property === 'position') {
            $space = View::around($layer, $composition, $keyframe)?->after($space) ?? $space;
        }

        return $space->isFlat() ? throw new Refusal("“{$layer->name}” has no size on frame $frame") : $space;
    }

    private static function find(Layer $layer, string $property, Composition $composition, int $frame, Evaluator $evaluator): Affine
    {
        foreach ($layer->attached->masks as $mask) {
            if ($property === "{$mask->id}.position") {
                return MaskPlaces::base($mask, $layer, $composition, $frame);
            }
        }

        return str_contains($property, '.')
            ? $evaluator->pose($layer, $composition, $frame)->matrix
            : $composition->space($layer->id, $frame);
    }
}
