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
            $plain = $definition->type->plain($node->value, $definition->least, $definition->most);

            return Property::constant($definition->type, $plain ?? $definition->read($node));
        }
        $keyframes = [];
        $last = ['start' => null, 'end' => null];
        $list = $node->allow(['keyframes'])->field('keyframes');
        foreach ($list->values(self::MOST_KEYFRAMES) as $index => $json) {
            $item = new Node($json, $list, $index);
            $keyframe = self::plainKeyframe($json, $definition) ?? self::readKeyframe($item, $definition);
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

    /** A keyframe that is plainly as it should be; null where it has to be looked at more closely. */
    private static function plainKeyframe(mixed $json, PropertyDefinition $definition): ?Keyframe
    {
        if (! is_array($json) || ! isset($json['at'], $json['value']) || ! is_int($json['at']) || abs($json['at']) > Keyframe::FARTHEST) {
            return null;
        }
        [$easing, $pin] = [$json['easing'] ?? 'linear', $json['pin'] ?? 'start'];
        $easing = is_string($easing) ? Easings::known($easing) : null;
        $pin = is_string($pin) ? Pin::tryFrom($pin) : null;
        $value = $definition->type->plain($json['value'], $definition->least, $definition->most);
        $isAll = count($json) === 2 + (isset($json['easing']) ? 1 : 0) + (isset($json['pin']) ? 1 : 0);

        return $isAll && $easing !== null && $pin !== null && $value !== null ? new Keyframe($json['at'], $value, $easing, $pin) : null;
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
