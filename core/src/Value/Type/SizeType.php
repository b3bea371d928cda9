<?php

declare(strict_types=1);

namespace Ricamo\Core\Value\Type;

use Ricamo\Core\Geometry\Size;
use Ricamo\Core\Json\Node;

/** A width and a height. */
final class SizeType extends PairType
{
    public function name(): string
    {
        return 'size';
    }

    public function read(Node $node, ?float $least = null, ?float $most = null): Size
    {
        return new Size(...$this->pair($node, $least, $most));
    }

    public function plain(mixed $json, ?float $least, ?float $most): ?Size
    {
        $pair = $this->plainPair($json, $least, $most);

        return $pair === null ? null : new Size($pair[0], $pair[1]);
    }

    public function mix(mixed $from, mixed $to, float $t): Size
    {
        assert($from instanceof Size && $to instanceof Size);

        return $from->mix($to, $t);
    }

    public function shifted(mixed $value, mixed $from, mixed $to): Size
    {
        assert($value instanceof Size && $from instanceof Size && $to instanceof Size);

        return new Size($value->width + $to->width - $from->width, $value->height + $to->height - $from->height);
    }

    public function made(array $channels): mixed
    {
        return new Size($channels[0], $channels[1]);
    }

    public function travels(): bool
    {
        return false;
    }

    public function channels(mixed $value): array
    {
        assert($value instanceof Size);

        return [$value->width, $value->height];
    }

    public function axes(): array
    {
        return ['w', 'h'];
    }
}
