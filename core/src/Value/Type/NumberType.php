<?php

declare(strict_types=1);

namespace Ricamo\Core\Value\Type;

use Ricamo\Core\Json\Node;

/** A number (a float). */
class NumberType implements ValueType
{
    public function name(): string
    {
        return 'number';
    }

    public function read(Node $node, ?float $least = null, ?float $most = null): float
    {
        return $node->number($least, $most);
    }

    public function plain(mixed $json, ?float $least, ?float $most): ?float
    {
        return (is_int($json) || is_float($json))
            && ($least === null || $json >= $least)
            && ($most === null || $json <= $most)
            && is_finite($json)
            ? (float) $json
            : null;
    }

    public function write(mixed $value): mixed
    {
        return $value;
    }

    final public function mix(mixed $from, mixed $to, float $t): float
    {
        assert(is_float($from) && is_float($to));

        return $from + ($to - $from) * $t;
    }

    public function shifted(mixed $value, mixed $from, mixed $to): float
    {
        assert(is_float($value) && is_float($from) && is_float($to));

        return $value + $to - $from;
    }

    public function made(array $channels): mixed
    {
        return $channels[0];
    }

    public function travels(): bool
    {
        return false;
    }

    public function channels(mixed $value): array
    {
        assert(is_float($value));

        return [$value];
    }

    public function swatch(mixed $value): ?string
    {
        return null;
    }

    public function axes(): array
    {
        return [];
    }

    public function takesSums(): bool
    {
        return true;
    }

    public function schema(?float $least, ?float $most): array
    {
        return [
            'type' => 'number', ...array_filter(['minimum' => $least, 'maximum' => $most], fn (?float $limit): bool => $limit !== null),
        ];
    }
}
