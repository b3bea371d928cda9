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

/**
 * All fields of an object in a document, or all arguments of an edit, as the constructor of its class or its method `from`
 * describes them.
 */
final class Fields
{
    /** @var array<string, self> by class */
    private static array $known = [];

    /**
     * @param  class-string  $class
     * @param  bool  $isMade  whether its method `from` makes it, which checks how the fields go together
     * @param  array<string, array{Field, string, string, bool, mixed}>  $fields  by parameter: its description, its type, its name in JSON, whether it may be left out, and what it is then
     * @param  array<string, self>  $together  by parameter
     * @param  array<string, All>  $whole  by parameter
     */
    private function __construct(
        private readonly string $class, private readonly bool $isMade, private readonly array $fields, private readonly array $together,
        private readonly array $whole,
    ) {
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
        [$fields, $together, $whole] = [[], [], []];
        $reflection = new ReflectionClass($class);
        $isMade = $reflection->hasMethod('from');
        $maker = $isMade ? $reflection->getMethod('from') : $reflection->getConstructor();
        foreach ($maker?->getParameters() ?? throw new LogicException("$class describes nothing") as $parameter) {
            $attribute = $parameter->getAttributes(Field::class, ReflectionAttribute::IS_INSTANCEOF)[0] ?? null;
            if ($attribute !== null) {
                $field = $attribute->newInstance();
                $isOptional = $parameter->isDefaultValueAvailable();
                $fields[$parameter->getName()] = [
                    $field,
                    self::type($parameter),
                    $field->as ?? $parameter->getName(),
                    $isOptional,
                    $isOptional ? $parameter->getDefaultValue() : null,
                ];
            } elseif ($parameter->getAttributes(Together::class) !== []) {
                $together[$parameter->getName()] = self::of(self::type($parameter));
            } elseif ($parameter->getAttributes(All::class) !== []) {
                $whole[$parameter->getName()] = $parameter->getAttributes(All::class)[0]->newInstance();
            } else {
                throw new LogicException("$class does not describe \${$parameter->getName()}");
            }
        }

        return new self($class, $isMade, $fields, $together, $whole);
    }

    /** @param  list<string>  $parameters */
    public function only(array $parameters): self
    {
        return new self($this->class, $this->isMade, array_intersect_key($this->fields, array_flip($parameters)), [], []);
    }

    /** @param  list<string>  $parameters */
    public function without(array $parameters): self
    {
        return new self($this->class, $this->isMade, array_diff_key($this->fields, array_flip($parameters)), $this->together, $this->whole);
    }

    private static function type(ReflectionParameter $parameter): string
    {
        $type = $parameter->getType();

        return $type instanceof ReflectionNamedType
            ? $type->getName()
            : throw new LogicException("\${$parameter->getName()} has no single type");
    }

    /** @throws Refusal for a field that there is not, one that is missing, or one that cannot be what it is */
    public function read(Node $node): object
    {
        return $this->make($node->allowKeys($this->names()));
    }

    private function make(Node $node): object
    {
        $together = array_map(fn (self $fields): object => $fields->make($node), $this->together);
        $values = [...$this->values($node), ...$together, ...array_fill_keys(array_keys($this->whole), $node)];
        if (! $this->isMade) {
            return new ($this->class)(...$values);
        }
        $from = [$this->class, 'from'];
        try {
            $made = is_callable($from) ? $from(...$values) : null;
        } catch (Misfit $misfit) {
            (new Node(null, $node, $misfit->field))->refuse($misfit->getMessage());
        } catch (Refusal $refusal) {
            $node->refuse($refusal->getMessage());
        }

        return is_object($made) ? $made : throw new LogicException("{$this->class} cannot be made");
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
            if ($field->isNullSaid && array_key_exists($name, $node->object())) {
                $said ??= new Node(null, $node, $name);
            }
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
        foreach ($this->whole as $all) {
            $names += $all->properties();
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
        foreach ([...array_values($this->together), ...array_values($this->whole)] as $fields) {
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
