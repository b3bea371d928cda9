<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit;

use Ricamo\Core\Json\Fields;

/** The JSON Schema (draft 2020-12) of the arguments of every edit, as their classes describe them. */
final class EditsSchema
{
    /** @return array<string, mixed> an object with a property for each edit; what it refers to is defined in the project's schema */
    public static function make(): array
    {
        $arguments = array_map(fn (string $edit): array => self::withNull(Fields::of($edit)->schema()), Edits::BY_NAME);
        ksort($arguments);

        return [
            '$schema' => 'https://json-schema.org/draft/2020-12/schema',
            'title' => 'EditArguments',
            'description' => 'What each edit takes, by its name',
            'type' => 'object',
            'properties' => self::outside($arguments),
            'required' => array_keys($arguments),
            'additionalProperties' => false,
        ];
    }

    /**
     * The schema in which null stands for what is left out.
     *
     * @param  array<string, mixed>  $schema
     * @return array<string, mixed>
     */
    private static function withNull(array $schema): array
    {
        $required = (array) ($schema['required'] ?? []);
        $properties = [];
        foreach ((array) ($schema['properties'] ?? []) as $name => $one) {
            $properties[$name] = in_array($name, $required, true) ? $one : ['anyOf' => [$one, ['type' => 'null']]];
        }

        return ['type' => 'object', 'properties' => $properties, 'required' => $required, 'additionalProperties' => false];
    }

    /**
     * The schema with its references pointing into the schema of projects.
     *
     * @param  array<array-key, mixed>  $schema
     * @return array<array-key, mixed>
     */
    private static function outside(array $schema): array
    {
        foreach ($schema as $name => $one) {
            $schema[$name] = match (true) {
                // Anything at all.
                $one === [] && $name !== 'required' => (object) [],
                is_array($one) => self::outside($one),
                $name === '$ref' && is_string($one) => "project-1.json$one",
                default => $one,
            };
        }

        return $schema;
    }
}
