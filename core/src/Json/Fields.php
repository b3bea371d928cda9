<?php

declare(strict_types=1);

namespace Ricamo\Core\Json;

use LogicException;
use ReflectionAttribute;
use ReflectionClass;
use ReflectionNamedType;
use ReflectionParameter;
use Ricamo\Core\Refusal;

/**
 * All fields of an object in a document, or all arguments of an edit, as the constructor of its class or its method `from`
 * describes them.
 *
 * @template T of object
 */
final class Fields
{
    /** @var array<string, mixed>|null whose keys are the names of all */
    private ?array $names = null;

    /** What there is where nothing is said. */
    private ?object $plain = null;

    /** @var list<string>|null the names of what is fixed and no parameter describes */
    private ?array $beside = null;

    /** @var array<string, self<T>> what there is to say of each of its forms, once it has been asked for */
    private array $forms = [];

    /** @var array<class-string, self<object>> by class */
    private static array $known = [];

    /**
     * @param  class-string<T>  $class
     * @param  bool  $isMade  whether its method `from` makes it, which checks how the fields go together
     * @param  array<string, Parameter>  $fields  by the name of the parameter
     * @param  array<string, self<object>>  $together  by parameter
     * @param  array<string, All>  $whole  by parameter
     * @param  array<string, string>  $fixed  what can be nothing else, by name; one that no parameter describes may be left out
     */
    private function __construct(
        private readonly string $class, private readonly bool $isMade, private readonly array $fields, private readonly array $together,
        private readonly array $whole, private readonly array $fixed = [],
    ) {
    }

    /**
     * @template C of object
     *
     * @param  class-string<C>  $class
     * @return self<C>
     *
     * @throws LogicException for a class that describes none
     */
    public static function of(string $class): self
    {
        /** @var self<C> $known */
        $known = self::$known[$class] ??= self::described($class);

        return $known;
    }

    /**
     * @param  class-string  $class
     * @return self<object>
     */
    private static function described(string $class): self
    {
        [$fields, $together, $whole] = [[], [], []];
        $reflection = new ReflectionClass($class);
        $isMade = $reflection->hasMethod('from');
        $maker = $isMade ? $reflection->getMethod('from') : $reflection->getConstructor();
        foreach ($maker?->getParameters() ?? throw new LogicException("$class describes nothing") as $parameter) {
            $attribute = $parameter->getAttributes(Field::class, ReflectionAttribute::IS_INSTANCEOF)[0] ?? null;
            if ($attribute !== null) {
                $field = $attribute->newInstance();
                $isOptional = $parameter->isDefaultValueAvailable();
                $fields[$parameter->getName()] = new Parameter(
                    $field, self::type($parameter), $field->as ?? $parameter->getName(), $isOptional,
                    $isOptional ? $parameter->getDefaultValue() : null,
                );
            } elseif ($parameter->getAttributes(Together::class) !== []) {
                $part = self::type($parameter);
                $together[$parameter->getName()] = self::of(class_exists($part) ? $part : throw new LogicException("$part is no class"));
            } elseif ($parameter->getAttributes(All::class) !== []) {
                $whole[$parameter->getName()] = $parameter->getAttributes(All::class)[0]->newInstance();
            } elseif ($parameter->getAttributes(ReadApart::class) === []) {
                throw new LogicException("$class does not describe \${$parameter->getName()}");
            }
        }

        return new self($class, $isMade, $fields, $together, $whole);
    }

    /**
     * @param  list<string>  $parameters
     * @return self<T>
     */
    public function only(array $parameters): self
    {
        $fields = array_intersect_key($this->fields, array_flip($parameters));

        return new self($this->class, $this->isMade, $fields, [], [], $this->fixed);
    }

    /**
     * @param  list<string>  $parameters
     * @return self<T>
     */
    public function without(array $parameters): self
    {
        $fields = array_diff_key($this->fields, array_flip($parameters));

        return new self($this->class, $this->isMade, $fields, $this->together, $this->whole, $this->fixed);
    }

    /**
     * What there is to say of one of a form: made once, for objects are read by the thousand.
     *
     * @param  callable(self<T>): self<T>  $make
     * @return self<T>
     */
    public function form(string $form, callable $make): self
    {
        return $this->forms[$form] ??= $make($this);
    }

    /**
     * With some that can be nothing else, or cannot be left out.
     *
     * @param  array<string, string>  $fixed  what can be nothing else, by name; one that no parameter describes may be left out
     * @param  list<string>  $needed  the names of those that cannot be left out, though their parameters have a default
     * @return self<T>
     */
    public function fixing(array $fixed, array $needed = []): self
    {
        $fields = array_map(
            fn (Parameter $one): Parameter => in_array($one->name, $needed, true) ? $one->with(['isOptional' => false]) : $one,
            $this->fields,
        );

        return new self($this->class, $this->isMade, $fields, $this->together, $this->whole, [...$this->fixed, ...$fixed]);
    }

    /**
     * With another range of a number.
     *
     * @return self<T>
     */
    public function within(string $parameter, int $least, int $most): self
    {
        $changed = $this->fields[$parameter];
        $changed = $changed->with(['field' => Altered::copy($changed->field, ['least' => $least, 'most' => $most])]);

        return new self(
            $this->class, $this->isMade, [...$this->fields, $parameter => $changed], $this->together, $this->whole,
            $this->fixed,
        );
    }

    private static function type(ReflectionParameter $parameter): string
    {
        $type = $parameter->getType();

        return $type instanceof ReflectionNamedType
            ? $type->getName()
            : throw new LogicException("\${$parameter->getName()} has no single type");
    }

    /**
     * @return T
     *
     * @throws Refusal for a field that there is not, one that is missing, or one that cannot be what it is
     */
    public function read(Node $node): object
    {
        return $this->readAmong($node->allowKeys($this->names()));
    }

    /**
     * Reads them where an object has others beside them.
     *
     * @param  array<string, mixed>  $apart  by parameter, what is read already
     * @return T
     *
     * @throws Refusal for one that is missing, or cannot be what it is
     */
    public function readAmong(Node $node, array $apart = []): object
    {
        $values = $this->values($node);
        foreach ($this->together as $parameter => $fields) {
            $values[$parameter] = $apart[$parameter] ?? $fields->readTogether($node);
        }
        foreach ($this->whole as $parameter => $ignored) {
            $values[$parameter] = $node;
        }
        $values = $apart === [] ? $values : [...$values, ...$apart];
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

        return $made instanceof $this->class ? $made : throw new LogicException("{$this->class} cannot be made");
    }

    /** Where nothing is said of any of them, as of most layers, it is the same object every time: none of them ever changes. */
    private function readTogether(Node $node): object
    {
        return array_intersect_key($this->names(), $node->object()) === []
            ? $this->plain ??= $this->readAmong($node)
            : $this->readAmong($node);
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
        $object = $node->object();
        foreach ($this->fields as $parameter => $one) {
            $name = $one->name;
            if (isset($object[$name]) || ($one->field->isNullSaid && array_key_exists($name, $object))) {
                $said = new Node($object[$name], $node, $name);
                if (isset($this->fixed[$name])) {
                    $this->checkFixed($name, $said);
                }
                $values[$parameter] = ($one->read)($said);
            } elseif (! $one->isOptional) {
                $values[$parameter] = ($one->read)($node->field($name));
            }
        }
        foreach ($this->beside ??= array_keys(array_diff_key($this->fixed, array_column($this->fields, null, 'name'))) as $name) {
            $said = $node->optional($name);
            if ($said !== null) {
                $this->checkFixed($name, $said);
            }
        }

        return $values;
    }

    private function checkFixed(string $name, Node $said): void
    {
        if (isset($this->fixed[$name]) && $said->value !== $this->fixed[$name]) {
            $said->refuse("can only be {$this->fixed[$name]}");
        }
    }

    /** @return array<string, mixed> the fields of one, without those that are what they are when nothing is said */
    public function write(object $one): array
    {
        $json = [];
        foreach ($this->fields as $parameter => $of) {
            $value = $this->fixed[$of->name] ?? $one->{$parameter};
            if (isset($this->fixed[$of->name])) {
                $json[$of->name] = $value;
            } elseif (! $of->isOptional || $of->field->always || $value != $of->default) {
                $json[$of->name] = $of->field->write($value);
            }
        }

        return $json + $this->fixed;
    }

    /** @return array<string, mixed> whose keys are the names of all */
    public function names(): array
    {
        return $this->names ??= $this->allNames();
    }

    /** @return array<string, mixed> */
    private function allNames(): array
    {
        $names = array_column($this->fields, null, 'name') + $this->fixed;
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
        return array_map(fn (Parameter $one): Field => $one->field, $this->fields);
    }

    /** @return array<string, array<string, mixed>> the JSON Schema of each by its name */
    public function properties(): array
    {
        $properties = [];
        foreach ($this->fields as $one) {
            $properties[$one->name] = isset($this->fixed[$one->name]) ? ['const' => $this->fixed[$one->name]] : $one->schema();
        }
        $properties += array_map(fn (string $value): array => ['const' => $value], $this->fixed);
        foreach ([...array_values($this->together), ...array_values($this->whole)] as $fields) {
            $properties += $fields->properties();
        }

        return $properties;
    }

    /** @return list<string> the names of those that cannot be left out */
    public function required(): array
    {
        $required = array_column(array_filter($this->fields, fn (Parameter $one): bool => ! $one->isOptional), 'name');

        return array_merge($required, ...array_values(array_map(fn (self $fields): array => $fields->required(), $this->together)));
    }

    /**
     * @param  array<string, array<string, mixed>>  $others  the JSON Schema of fields that stand beside these, by name
     * @return array<string, mixed> the JSON Schema of the whole object
     */
    public function schema(array $others = []): array
    {
        return [
            'type' => 'object', 'properties' => [...$this->properties(), ...$others], 'required' => $this->required(),
            'additionalProperties' => false,
        ];
    }
}
