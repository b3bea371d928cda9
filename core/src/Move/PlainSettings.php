<?php

declare(strict_types=1);

namespace Ricamo\Core\Move;

use Ricamo\Core\Json\Node;
use Ricamo\Core\Property\PropertyDefinition;

/** The settings of a move or an accent, which are numbers without keyframes and stand beside its own fields. */
final class PlainSettings
{
    /**
     * @param  list<PropertyDefinition>  $definitions
     * @return array<string, float> each of them
     */
    public static function read(Node $node, array $definitions): array
    {
        $settings = [];
        foreach ($definitions as $definition) {
            $given = $node->optional($definition->name);
            $value = $given === null ? $definition->default : $definition->read($given);
            assert(is_float($value));
            $settings[$definition->name] = $value;
        }

        return $settings;
    }

    /**
     * @param  list<PropertyDefinition>  $definitions
     * @return array<string, array<string, mixed>> the JSON Schema of each by its name
     */
    public static function schema(array $definitions): array
    {
        return array_map(
            fn (PropertyDefinition $one): array => $one->type->schema($one->least, $one->most), array_column($definitions, null, 'name'),
        );
    }
}
