<?php

declare(strict_types=1);

namespace Ricamo\Core\Json;

use Attribute;

/** That a parameter is the whole object, of which some fields are read later; each of them may be left out. */
#[Attribute(Attribute::TARGET_PARAMETER)]
final readonly class All
{
    /**
     * @param  ?class-string  $of  the class that describes these fields
     * @param  ?string  $ref  the definition in the project's schema that has them, else
     * @param  list<string>  $names  of that definition
     */
    public function __construct(private ?string $of = null, private ?string $ref = null, private array $names = [])
    {
    }

    /** @return array<string, array<string, mixed>> the JSON Schema of each field by its name */
    public function properties(): array
    {
        if ($this->of !== null) {
            // What is not said stays as it is, whatever it is elsewhere where nothing is said.
            return array_map(fn (array $one): array => array_diff_key($one, ['default' => true]), Fields::of($this->of)->properties());
        }
        $properties = [];
        foreach ($this->names as $name) {
            $properties[$name] = ['$ref' => "#/\$defs/$this->ref/properties/$name"];
        }

        return $properties;
    }
}
