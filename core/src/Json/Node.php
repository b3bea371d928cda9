<?php

declare(strict_types=1);

namespace Ricamo\Core\Json;

use BackedEnum;
use JsonException;
use Ricamo\Core\Refusal;

/**
 * A value inside decoded JSON that knows where it stands, so that whatever is wrong with it can be said with its path:
 * `layers[3].opacity: 130 is outside 0..100`.
 */
final readonly class Node
{
    /**
     * @param  self|string  $parent  what it stands in, or the path of what it stands in
     * @param  string|int|null  $key  its field or its place in the list there; null for the parent's own place
     */
    public function __construct(public mixed $value, private self|string $parent = '', private string|int|null $key = null)
    {
    }

    /** Put together only when something is wrong: a document has tens of thousands of places. */
    public function path(): string
    {
        $parent = is_string($this->parent) ? $this->parent : $this->parent->path();

        return match (true) {
            $this->key === null => $parent,
            is_int($this->key) => "{$parent}[{$this->key}]",
            default => $parent === '' ? $this->key : "$parent.{$this->key}",
        };
    }

    /**
     * @throws Refusal for text that is no JSON, nests deeper than 32 levels, or holds a number that is none for a computer, such as 1e999
     */
    public static function decode(string $json, string $path = ''): self
    {
        try {
            $node = new self(json_decode($json, true, 32, JSON_THROW_ON_ERROR), $path);
            // Only what is written with so many digits can come to that; all else need not be walked through.
            if (preg_match('/[eE]\+?\d{3}|\d{309}/', $json) === 1) {
                $node->checkFinite();
            }

            return $node;
        } catch (JsonException $error) {
            throw new Refusal(($path === '' ? '' : "$path: ").'not valid JSON ('.strtolower($error->getMessage()).')');
        }
    }

    /** @param  list<string>  $fields every field that may stand here */
    public function allow(array $fields): self
    {
        return $this->allowKeys(array_fill_keys($fields, true));
    }

    /**
     * @param  array<string, mixed>  $fields whose keys are every field that may stand here
     *
     * @throws Refusal for a field that may not stand here
     */
    public function allowKeys(array $fields): self
    {
        foreach (array_diff_key($this->object(), $fields) as $name => $ignored) {
            $this->child((string) $name)->refuse('is not a field known here');
        }

        return $this;
    }

    /** @throws Refusal where it is missing */
    public function field(string $name): self
    {
        $value = $this->object()[$name] ?? null;

        return $value === null ? $this->child($name)->refuse('is missing') : new self($value, $this, $name);
    }

    public function optional(string $name): ?self
    {
        $value = $this->object()[$name] ?? null;

        return $value === null ? null : new self($value, $this, $name);
    }

    public function has(string $name): bool
    {
        return $this->optional($name) !== null;
    }

    /**
     * @return array<string, mixed>
     *
     * @throws Refusal for what is no object
     */
    public function object(): array
    {
        if (! is_array($this->value) || ($this->value !== [] && array_is_list($this->value))) {
            $this->refuse('must be an object');
        }

        /** @var array<string, mixed> */
        return $this->value;
    }

    /** @return list<self> */
    public function items(int $atMost = PHP_INT_MAX): array
    {
        $items = [];
        foreach ($this->values($atMost) as $index => $value) {
            $items[] = new self($value, $this, $index);
        }

        return $items;
    }

    /**
     * @return list<mixed> the list's entries as they are
     *
     * @throws Refusal for what is no list, or too long a one
     */
    public function values(int $atMost = PHP_INT_MAX): array
    {
        if (! is_array($this->value) || ! array_is_list($this->value)) {
            $this->refuse('must be a list');
        }
        if (count($this->value) > $atMost) {
            $this->refuse('has '.count($this->value)." entries, more than $atMost");
        }

        return $this->value;
    }

    /** @throws Refusal for what is no text, or too long a one */
    public function string(int $atMost = 1000): string
    {
        if (! is_string($this->value)) {
            $this->refuse($this->shown().' is not text');
        }
        if (! mb_check_encoding($this->value, 'UTF-8')) {
            $this->refuse('is not valid UTF-8');
        }
        if (strlen($this->value) > $atMost && mb_strlen($this->value) > $atMost) {
            $this->refuse('is longer than '.$atMost.' characters');
        }

        return $this->value;
    }

    /** @throws Refusal for what is no text, an empty or too long a one */
    public function name(int $atMost = 200): string
    {
        $name = trim($this->string($atMost));

        return $name !== '' ? $name : $this->refuse('is empty');
    }

    /** @throws Refusal for what is no number, or outside the range */
    public function number(?float $least = null, ?float $most = null): float
    {
        if (! is_int($this->value) && ! is_float($this->value)) {
            $this->refuse($this->shown().' is not a number');
        }
        $number = (float) $this->value;
        if (! is_finite($number)) {
            $this->refuse('is not a finite number');
        }
        $this->within($number, $least, $most);

        return $number;
    }

    /** @throws Refusal for what is no whole number, or outside the range */
    public function int(int $least, int $most): int
    {
        if (! is_int($this->value) && ! (is_float($this->value) && floor($this->value) === $this->value && abs($this->value) < 1e15)) {
            $this->refuse($this->shown().' is not a whole number');
        }
        $number = (int) $this->value;
        $this->within($number, $least, $most);

        return $number;
    }

    /** @throws Refusal for what is neither true nor false */
    public function bool(): bool
    {
        return is_bool($this->value) ? $this->value : $this->refuse($this->shown().' is neither true nor false');
    }

    /**
     * @template T of BackedEnum
     *
     * @param  class-string<T>  $enum
     * @return T
     *
     * @throws Refusal for what is none of its cases
     */
    public function enum(string $enum): BackedEnum
    {
        $case = is_string($this->value) ? $enum::tryFrom($this->value) : null;

        return $case ?? $this->refuse($this->shown().' is not one of '.implode(', ', array_column($enum::cases(), 'value')));
    }

    /** @throws Refusal always */
    public function refuse(string $reason): never
    {
        $path = $this->path();
        throw new Refusal($path === '' ? $reason : "$path: $reason");
    }

    private function checkFinite(): void
    {
        if (is_float($this->value) && ! is_finite($this->value)) {
            $this->refuse('is not a finite number');
        }
        foreach (is_array($this->value) ? $this->value : [] as $key => $value) {
            (new self($value, $this, $key))->checkFinite();
        }
    }

    private function child(string $name): self
    {
        return new self(null, $this, $name);
    }

    private function within(int|float $number, int|float|null $least, int|float|null $most): void
    {
        if (($least !== null && $number < $least) || ($most !== null && $number > $most)) {
            $range = $most === null ? "below $least" : ($least === null ? "above $most" : "outside $least..$most");
            $this->refuse(self::brief($number)." is $range");
        }
    }

    private function shown(): string
    {
        return $this->value === null ? 'an empty value' : self::brief($this->value);
    }

    private static function brief(mixed $value): string
    {
        $json = (string) json_encode($value, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PARTIAL_OUTPUT_ON_ERROR);

        return mb_strlen($json) > 60 ? mb_substr($json, 0, 57).'…' : $json;
    }
}
