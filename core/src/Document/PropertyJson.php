<?php

namespace Ricamo\Core\Document;

use Ricamo\Core\Animation\Easing\Easings;
use Ricamo\Core\Animation\Easing\Linear;
use Ricamo\Core\Animation\Keyframe;
use Ricamo\Core\Animation\Pin;
use Ricamo\Core\Animation\Property;
use Ricamo\Core\Json\Node;

/** A property as documents write it: the bare value, or `{"keyframes": [{"at", "value", "easing", "pin"}, …]}`. */
final class PropertyJson
{
    private const MOST_KEYFRAMES = 10_000;

    public static function read(Node $node, PropertyDefinition $definition): Property
    {
        if (! is_array($node->value) || array_is_list($node->value)) {
            return Property::constant($definition->type, $definition->read($node));
        }
        $keyframes = [];
        $last = ['start' => null, 'end' => null];
        foreach ($node->allow(['keyframes'])->field('keyframes')->items(self::MOST_KEYFRAMES) as $item) {
            $keyframe = self::readKeyframe($item, $definition);
            $before = $last[$keyframe->pin->value];
            if ($before !== null && $keyframe->at <= $before) {
                $item->field('at')->refuse("{$keyframe->at} does not come after the keyframe before it, at $before");
            }
            $last[$keyframe->pin->value] = $keyframe->at;
            $keyframes[] = $keyframe;
        }

        return $keyframes === []
            ? $node->field('keyframes')->refuse('is empty; write the bare value for a property without keyframes')
            : Property::keyframed($definition->type, $keyframes);
    }

    public static function write(Property $property): mixed
    {
        if (! $property->isAnimated()) {
            return $property->type->write($property->at(0, Composition::anySpan()));
        }

        return ['keyframes' => array_map(fn (Keyframe $keyframe): array => [
            'at' => $keyframe->at,
            'value' => $property->type->write($keyframe->value),
            'easing' => (string) $keyframe->easing,
            'pin' => $keyframe->pin->value,
        ], $property->keyframes())];
    }

    private static function readKeyframe(Node $node, PropertyDefinition $definition): Keyframe
    {
        $node->allow(['at', 'value', 'easing', 'pin']);
        $easing = $node->optional('easing');

        return new Keyframe(
            $node->field('at')->int(-Keyframe::FARTHEST, Keyframe::FARTHEST),
            $definition->read($node->field('value')),
            $easing === null ? new Linear : Easings::read($easing),
            $node->optional('pin')?->enum(Pin::class) ?? Pin::Start,
        );
    }
}
