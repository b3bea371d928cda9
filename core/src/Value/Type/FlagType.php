<?php

declare(strict_types=1);

namespace Ricamo\Core\Value\Type;

use Ricamo\Core\Json\Node;

/** True or false; it changes only at keyframes. */
final class FlagType implements ValueType
{
    public function name(): string
    {
        return 'flag';
    }

    public function read(Node $node, ?float $least = null, ?float $most = null): bool
    {
        return $node->bool();
    }

    public function plain(mixed $json, ?float $least, ?float $most): ?bool
    {
        return is_bool($json) ? $json : null;
    }

    public function write(mixed $value): mixed
    {
        return $value;
    }

    public function mix(mixed $from, mixed $to, float $t): mixed
    {
        return $t >= 1 ? $to : $from;
    }

    public function shifted(mixed $value, mixed $from, mixed $to): mixed
    {
        return $to;
    }

    public function made(array $channels): mixed
    {
        return $channels[0] >= 1;
    }

    public function travels(): bool
    {
        return false;
    }

    public function channels(mixed $value): array
    {
        return [$value === true ? 1.0 : 0.0];
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
        return false;
    }

    public function schema(?float $least, ?float $most): array
    {
        return ['type' => 'boolean'];
    }
}
