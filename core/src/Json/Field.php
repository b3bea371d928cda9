<?php

declare(strict_types=1);

namespace Ricamo\Core\Json;

use Attribute;
use BackedEnum;
use Closure;
use LogicException;
use Ricamo\Core\Refusal;
use Stringable;

/**
 * One field of an object in a document, or one argument of an edit, described where its value comes to be: at a parameter of the
 * constructor. Reading, writing and the JSON Schema are made from this and from the parameter's type; a parameter with a default
 * may be left out.
 */
#[Attribute(Attribute::TARGET_PARAMETER)]
readonly class Field
{
    /**
     * @param  string  $says  what it is, where its name does not say it all
     * @param  int|float|null  $least  of a number, as is $most
     * @param  int  $longest  characters of a text, or entries of a list
     * @param  int  $fewest  entries of a list
     * @param  ?string  $like  a regular expression without delimiters that a text matches
     * @param  ?string  $unlike  what is said of a text that does not match it; null to quote the expression
     * @param  list<string|int>  $oneOf  all that a text or a number can be
     * @param  ?string  $of  what a list consists of: `string`, `int` or a class; or the class that reads it, where its own does not
     * @param  ?string  $ref  the definition in the project's schema that it, or an entry of it, matches
     * @param  bool  $many  whether what is read later is a list
     * @param  ?string  $as  its name in JSON, where that is not the parameter's
     * @param  bool  $isNullSaid  whether null says something else than leaving it out: it is a node with that value
     * @param  bool  $always  whether it is written even where it is what it is when nothing is said
     */
    public function __construct(
        public string $says = '',
        public int|float|null $least = null,
        public int|float|null $most = null,
        public int $longest = 1000,
        public int $fewest = 0,
        public ?string $like = null,
        public ?string $unlike = null,
        public array $oneOf = [],
        public ?string $of = null,
        public ?string $ref = null,
        public bool $many = false,
        public ?string $as = null,
        public bool $isNullSaid = false,
        public bool $always = false,
    ) {
    }

    /**
     * @param  string  $type  of the parameter: `bool`, `int`, `float`, `string`, `array` or a class; `Node` for what is read later
     *
     * @throws Refusal for what it cannot be
     */
    public function read(Node $node, string $type): mixed
    {
        if ($type === Node::class) {
            return $node;
        }
        if ($type !== 'array') {
            return $this->one($node, $this->of ?? $type);
        }
        $items = $node->items($this->longest);
        if (count($items) < $this->fewest) {
            $node->refuse($items === [] ? 'is empty' : "must be $this->fewest or more");
        }

        return $this->of === null ? $items : array_map(fn (Node $item): mixed => $this->one($item, (string) $this->of), $items);
    }

    /** The JSON of a value of it. */
    public function write(mixed $value): mixed
    {
        return match (true) {
            $value instanceof BackedEnum => $value->value,
            $value instanceof Stringable => (string) $value,
            is_object($value) && method_exists($value, 'toJson') => $value->toJson(),
            is_object($value) => Fields::of($value::class)->write($value),
            is_array($value) => array_map($this->write(...), $value),
            default => $value,
        };
    }

    /**
     * How it is read, found out once: documents hold tens of thousands of fields.
     *
     * @return Closure(Node): mixed
     */
    final public function reader(string $type): Closure
    {
        $of = $this->of ?? $type;
        $read = [$of, 'read'];

        return match (true) {
            // What is read later, a list, and what reads in its own way.
            $type === Node::class, $type === 'array',
            static::class !== self::class && static::class !== Toggle::class => fn (Node $node): mixed => $this->read($node, $type),
            $of === 'bool' => fn (Node $node): bool => $node->bool(),
            $of === 'int' && $this->oneOf === [] => fn (Node $node): int => $node->int((int) $this->least, (int) $this->most),
            is_subclass_of($of, BackedEnum::class) => fn (Node $node): BackedEnum => $node->enum($of),
            is_callable($read) => Closure::fromCallable($read),
            default => fn (Node $node): mixed => $this->read($node, $type),
        };
    }

    /** @return array<string, mixed> its JSON Schema */
    public function schema(string $type): array
    {
        $says = $this->says === '' ? [] : ['description' => $this->says];
        $one = $this->ref === null ? $this->oneSchema($this->of ?? $type) : ['$ref' => "#/\$defs/$this->ref"];
        if ($type !== 'array' && ! $this->many) {
            return [...$says, ...$one];
        }

        return [
            ...$says,
            'type' => 'array',
            ...($this->fewest === 0 ? [] : ['minItems' => $this->fewest]),
            'maxItems' => $this->longest,
            'items' => $one,
        ];
    }

    private function one(Node $node, string $type): mixed
    {
        return match (true) {
            $type === 'bool' => $node->bool(),
            $type === 'int' => $this->oneOf === []
                ? $node->int((int) $this->least, (int) $this->most)
                : $this->among($node->int(PHP_INT_MIN, PHP_INT_MAX), $node),
            $type === 'float' => $node->number($this->least, $this->most),
            $type === 'string' => $this->text($node),
            is_subclass_of($type, BackedEnum::class) => $node->enum($type),
            default => self::object($node, $type),
        };
    }

    private function text(Node $node): string
    {
        // What is in a list are ids.
        $text = $node->string($this->of === 'string' ? Id::LONGEST : $this->longest);
        if ($this->oneOf !== []) {
            $this->among($text, $node);
        }

        return $this->like === null || preg_match("/$this->like/", $text) === 1
            ? $text
            : $node->refuse($this->unlike ?? "does not match $this->like");
    }

    /**
     * @template T of string|int
     *
     * @param  T  $value
     * @return T
     */
    private function among(string|int $value, Node $node): string|int
    {
        return match (true) {
            in_array($value, $this->oneOf, true) => $value,
            is_int($value) => $node->refuse('must be '.implode(
                ', ', array_slice($this->oneOf, 0, -1),
            ).' or '.$this->oneOf[count($this->oneOf) - 1]),
            count($this->oneOf) === 2 => $node->refuse("must be \"{$this->oneOf[0]}\" or \"{$this->oneOf[1]}\""),
            default => $node->refuse('is not one of '.implode(', ', $this->oneOf)),
        };
    }

    private static function object(Node $node, string $class): mixed
    {
        $read = [$class, 'read'];

        return match (true) {
            is_callable($read) => $read($node),
            class_exists($class) => Fields::of($class)->read($node),
            default => throw new LogicException("$class is no class"),
        };
    }

    /** @return array<string, mixed> */
    private function oneSchema(string $type): array
    {
        return match (true) {
            $type === 'bool' => ['type' => 'boolean'],
            $type === 'int' && $this->oneOf !== [] => ['enum' => $this->oneOf],
            $type === 'int', $type === 'float' => [
                'type' => $type === 'int' ? 'integer' : 'number',
                ...($this->least === null ? [] : ['minimum' => $this->least]), ...($this->most === null ? [] : ['maximum' => $this->most]),
            ],
            $type === 'string' => [
                'type' => 'string',
                ...match (true) {
                    $this->oneOf !== [] => ['enum' => $this->oneOf],
                    $this->like !== null => ['pattern' => $this->like],
                    default => ['maxLength' => $this->of === 'string' ? Id::LONGEST : $this->longest],
                },
            ],
            is_subclass_of($type, BackedEnum::class) => ['type' => 'string', 'enum' => array_column($type::cases(), 'value')],
            $type === Node::class, $type === 'array' => [],
            default => self::objectSchema($type),
        };
    }

    /** @return array<string, mixed> */
    private static function objectSchema(string $class): array
    {
        $schema = [$class, 'schema'];
        if (! is_callable($schema)) {
            return class_exists($class) ? Fields::of($class)->schema() : throw new LogicException("$class is no class");
        }
        /** @var array<string, mixed> $own */
        $own = $schema();

        return $own;
    }
}
