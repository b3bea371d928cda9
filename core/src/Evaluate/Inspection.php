<?php

namespace Ricamo\Core\Evaluate;

use Ricamo\Core\Animation\Property;
use Ricamo\Core\Document\Layer;

/** What the Sheet and the timeline show of a layer: each property's value on a frame, and the course of the animated ones. */
final class Inspection
{
    /** @return array<string, mixed> */
    public static function of(Layer $layer, int $frame): array
    {
        $animated = array_filter($layer->properties, fn (Property $property): bool => $property->isAnimated());

        return [
            'layer' => $layer->id,
            'values' => array_map(fn (Property $property): array => [
                'value' => $property->type->write($property->at($frame, $layer->span)),
                'animated' => $property->isAnimated(),
                'keyframe' => $property->keyframeOn($frame, $layer->span) !== null,
            ], $layer->properties),
            'threads' => array_values(array_map(
                fn (string $name, Property $property): array => Thread::of($layer, $name, $property),
                array_keys($animated), $animated,
            )),
        ];
    }
}
