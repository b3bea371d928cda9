<?php

declare(strict_types=1);

namespace Ricamo\Core\Property;

use Ricamo\Core\Animation\Bend;
use Ricamo\Core\Animation\Easing\Easings;
use Ricamo\Core\Animation\Easing\Linear;
use Ricamo\Core\Animation\Keyframe;
use Ricamo\Core\Animation\Pin;
use Ricamo\Core\Animation\Property;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Refusal;
use Ricamo\Core\Time\FrameRange;

/** A property as documents write it: the bare value, or `{"keyframes": [{"at", "value", "easing", "pin"}, …]}`. */
final class PropertyJson
{
    private const MOST_KEYFRAMES = 10_000;

    /** @throws Refusal for what is none */
    public static function read(Node $node, PropertyDefinition $definition): Property
    {
        if (! is_array($node->value) || array_is_list($node->value)) {
            $plain = $definition->type->plain($node->value, $definition->least, $definition->most);

            return Property::constant($definition->type, $plain ?? $definition->read($node));
        }
        $list = $node->allow(['keyframes'])->field('keyframes');
        $values = $list->values(self::MOST_KEYFRAMES);
        if ($values === []) {
            $list->refuse('is empty; write the bare value for a property without keyframes');
        }

        return self::plainly($values, $definition) ?? self::closely($list, $definition);
    }

    /**
     * Keyframes that are plainly as they should be, as nearly all of the tens of thousands in a large document are; null
     * where they have to be looked at more closely.
     *
     * @param  list<mixed>  $values
     */
    private static function plainly(array $values, PropertyDefinition $definition): ?Property
    {
        [$type, $least, $most] = [$definition->type, $definition->least, $definition->most];
        $fromStart = [];
        $fromEnd = [];
        $lastStart = $lastEnd = -Keyframe::FARTHEST - 1;
        $lastText = null;
        $lastEasing = null;
        foreach ($values as $json) {
            if (! is_array($json) || ! isset($json['at'], $json['value'])) {
                return null;
            }
            $at = $json['at'];
            $text = $json['easing'] ?? 'linear';
            $pin = $json['pin'] ?? 'start';
            if (
                ! is_int($at)
                || $at > Keyframe::FARTHEST
                || ! is_string($text)
                || count($json) !== 2 + (isset($json['easing']) ? 1 : 0) + (isset($json['pin']) ? 1 : 0)
            ) {
                return null;
            }
            if ($text !== $lastText) {
                [$lastText, $lastEasing] = [$text, Easings::known($text)];
            }
            $value = $type->plain($json['value'], $least, $most);
            if ($value === null || $lastEasing === null) {
                return null;
            }
            if ($pin === 'start' && $at > $lastStart) {
                $fromStart[] = new Keyframe($at, $value, $lastEasing);
                $lastStart = $at;
            } elseif ($pin === 'end' && $at > $lastEnd) {
                $fromEnd[] = new Keyframe($at, $value, $lastEasing, Pin::End);
                $lastEnd = $at;
            } else {
                return null;
            }
        }

        return Property::sorted($type, $fromStart, $fromEnd);
    }

    /** One by one, each knowing its place. */
    private static function closely(Node $list, PropertyDefinition $definition): Property
    {
        $keyframes = [];
        $last = ['start' => null, 'end' => null];
        foreach ($list->items() as $item) {
            $keyframe = self::readKeyframe($item, $definition);
            $before = $last[$keyframe->pin->value];
            if ($before !== null && $keyframe->at <= $before) {
                $item->field('at')->refuse("{$keyframe->at} does not come after the keyframe before it, at $before");
            }
            $last[$keyframe->pin->value] = $keyframe->at;
            $keyframes[] = $keyframe;
        }
        assert($keyframes !== []);

        return Property::keyframed($definition->type, $keyframes);
    }

    public static function write(Property $property): mixed
    {
        if (! $property->isAnimated()) {
            return $property->type->write($property->at(0, new FrameRange(0, 1)));
        }

        return ['keyframes' => array_map(fn (Keyframe $keyframe): array => [
            'at' => $keyframe->at,
            'value' => $property->type->write($keyframe->value),
            'easing' => (string) $keyframe->easing,
            'pin' => $keyframe->pin->value,
            ...($keyframe->bend === null ? [] : ['bend' => $keyframe->bend->toJson()]),
        ], $property->keyframes())];
    }

    private static function readKeyframe(Node $node, PropertyDefinition $definition): Keyframe
    {
        $node->allow($definition->type->travels() ? ['at', 'value', 'easing', 'pin', 'bend'] : ['at', 'value', 'easing', 'pin']);
        $easing = $node->optional('easing');

        return new Keyframe(
            $node->field('at')->int(-Keyframe::FARTHEST, Keyframe::FARTHEST),
            $definition->read($node->field('value')),
            $easing === null ? new Linear : Easings::read($easing),
            $node->optional('pin')?->enum(Pin::class) ?? Pin::Start,
            $node->optional('bend') === null ? null : Bend::read($node->field('bend')),
        );
    }
}
