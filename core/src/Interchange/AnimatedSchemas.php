<?php

declare(strict_types=1);

namespace Ricamo\Core\Interchange;

use Ricamo\Core\Animation\Keyframe;
use Ricamo\Core\Property\PropertyDefinition;

/** The schemas of values that can have keyframes. Properties whose values are alike share one, named after its type and range. */
final class AnimatedSchemas
{
    /** @var array<string, array<string, mixed>> by name */
    private array $made = [];

    /** @return array<string, mixed> where the schema of this property stands */
    public function of(PropertyDefinition $definition): array
    {
        $name = self::name($definition);
        $this->made[$name] ??= self::schema($definition);

        return ['$ref' => "#/\$defs/$name"];
    }

    /** @return array<string, array<string, mixed>> of all that were asked for, by name */
    public function all(): array
    {
        ksort($this->made);

        return $this->made;
    }

    private static function name(PropertyDefinition $definition): string
    {
        [$least, $most] = [$definition->least, $definition->most];
        $range = match (true) {
            $least === null && $most === null => '',
            $least === 0.0 && $most !== null => 'UpTo'.self::digits($most),
            $least !== null && $most === -$least => 'Within'.self::digits($most),
            default => ($least === null ? '' : 'From'.self::digits($least)).($most === null ? '' : 'To'.self::digits($most)),
        };

        return 'Animated'.ucfirst($definition->type->name()).$range;
    }

    /** A number as it can stand in a name. */
    private static function digits(float $number): string
    {
        return str_replace(['-', '.'], ['Minus', 'Point'], (string) json_encode($number));
    }

    /** @return array<string, mixed> */
    private static function schema(PropertyDefinition $definition): array
    {
        $value = $definition->type->schema($definition->least, $definition->most);
        $keyframe = [
            'at' => ['type' => 'integer', 'minimum' => -Keyframe::FARTHEST, 'maximum' => Keyframe::FARTHEST],
            'value' => $value,
            'easing' => ['$ref' => '#/$defs/Easing'],
            'pin' => ['$ref' => '#/$defs/Pin'],
            ...($definition->type->travels() ? ['bend' => ['$ref' => '#/$defs/Bend']] : []),
        ];
        $keyframes = ['type' => 'array', 'minItems' => 1, 'items' => self::object($keyframe, ['at', 'value'])];

        return ['anyOf' => [$value, self::object(['keyframes' => $keyframes], ['keyframes'])]];
    }

    /**
     * @param  array<string, mixed>  $properties
     * @param  list<string>  $required
     * @return array<string, mixed>
     */
    private static function object(array $properties, array $required): array
    {
        return ['type' => 'object', 'properties' => $properties, 'required' => $required, 'additionalProperties' => false];
    }
}
