<?php

declare(strict_types=1);

namespace Ricamo\Core\Json;

use BackedEnum;
use LogicException;
use ReflectionAttribute;
use ReflectionClass;
use ReflectionNamedType;
use ReflectionParameter;
use Ricamo\Core\Refusal;
use Stringable;

/** All fields of an object in a document or of an edit's arguments, as the constructor of its class describes them. */
final class Fields
{
    /** @var array<string, self> by class */
    private static array $known = [];

    /**
     * @param  class-string  $class
     * @param  array<string, array{Field, string, string, bool, mixed}>  $fields  by parameter: its description, its type, its name in JSON, whether it may be left out, and what it is then
     * @param  array<string, self>  $together  by parameter
     */
    private function __construct(private readonly string $class, private readonly array $fields, private readonly array $together)
    {
    }

    /** @throws LogicException for a class that describes none */
    public static function of(string $class): self
    {
        return self::$known[$class] ??= self::described($class);
    }

    private static function described(string $class): self
    {
        if (! class_exists($class)) {
            throw new LogicException("$class is no class");
        }
        [$fields, $together] = [[], []];
        foreach ((new ReflectionClass($class))->getConstructor()?->getParameters() ?? [] as $parameter) {
            $attribute = $parameter->getAttributes(Field::class, ReflectionAttribute::IS_INSTANCEOF)[0] ?? null;
            if ($attribute !== null) {
                $field = $attribute->newInstance();
                $isOptional = $parameter->isDefaultValueAvailable();
                $fields[$parameter->getName()] = [$field, self::type($parameter), $field->as ?? $parameter->getName(), $isOptional, $isOptional ? $parameter->getDefaultValue() : null];
            } elseif ($parameter->getAttributes(Together::class) !== []) {
                $together[$parameter->getName()] = self::of(self::type($parameter));
            } else {
                throw new LogicException("$class does not describe \${$parameter->getName()}");
            }
        }

        return new self($class, $fields, $together);
    }

    /** @param  list<string>  $parameters */
    public function only(array $parameters): self
    {
        return new self($this->class, array_intersect_key($this->fields, array_flip($parameters)), []);
    }

    /** @param  list<string>  $parameters */
    public function without(array $parameters): self
    {
        return new self($this->class, array_diff_key($this->fields, array_flip($parameters)), $this->together);
    }

    private static function type(ReflectionParameter $parameter): string
    {
        $type = $parameter->getType();

        return $type instanceof ReflectionNamedType ? $type->getName() : throw new LogicException("\${$parameter->getName()} has no single type");
    }

    /** @throws Refusal for a field that there is not, one that is missing, or one that cannot be what it is */
    public function read(Node $node): object
    {
        return $this->make($node->allowKeys($this->names()));
    }

    private function make(Node $node): object
    {
        return new ($this->class)(...$this->values($node), ...array_map(fn (self $fields): object => $fields->make($node), $this->together));
    }

    /**
     * What is said of these fields.
     *
     * @return array<string, mixed> by parameter; those without a default are all there
     *
     * @throws Refusal for one that is missing, or cannot be what it is
     */
    public function values(Node $node): array
    {
        $values = [];
        foreach ($this->fields as $parameter => [$field, $type, $name, $isOptional]) {
            $said = $isOptional ? $node->optional($name) : $node->field($name);
            if ($said !== null) {
                $values[$parameter] = $field->read($said, $type);
            }
        }

        return $values;
    }

    /** @return array<string, mixed> the fields of one, without those that are what they are when nothing is said */
    public function write(object $one): array
    {
        $json = [];
        foreach ($this->fields as $parameter => [$field, , $name, $isOptional, $default]) {
            $value = $one->{$parameter};
            if (! $isOptional || $field->always || $value != $default) {
                $json[$name] = self::json($value);
            }
        }

        return $json;
    }

    private static function json(mixed $value): mixed
    {
        return match (true) {
            $value instanceof BackedEnum => $value->value,
            $value instanceof Stringable => (string) $value,
            is_object($value) && method_exists($value, 'toJson') => $value->toJson(),
            is_object($value) => self::of($value::class)->write($value),
            is_array($value) => array_map(self::json(...), $value),
            default => $value,
        };
    }

    /** @return array<string, mixed> whose keys are the names of all */
    public function names(): array
    {
        $names = array_column($this->fields, 3, 2);
        foreach ($this->together as $fields) {
            $names += $fields->names();
        }

        return $names;
    }

    /** @return array<string, Field> by parameter */
    public function all(): array
    {
        return array_map(fn (array $one): Field => $one[0], $this->fields);
    }

    /** @return array<string, array<string, mixed>> the JSON Schema of each by its name */
    public function properties(): array
    {
        $properties = [];
        foreach ($this->fields as [$field, $type, $name]) {
            $properties[$name] = $field->schema($type);
        }
        foreach ($this->together as $fields) {
            $properties += $fields->properties();
        }

        return $properties;
    }

    /** @return list<string> the names of those that cannot be left out */
    public function required(): array
    {
        $required = array_keys(array_filter(array_column($this->fields, 3, 2), fn (bool $isOptional): bool => ! $isOptional));

        return array_merge($required, ...array_values(array_map(fn (self $fields): array => $fields->required(), $this->together)));
    }

    /** @return array<string, mixed> the JSON Schema of the whole object */
    public function schema(): array
    {
        return ['type' => 'object', 'properties' => $this->properties(), 'required' => $this->required(), 'additionalProperties' => false];
    }
}
