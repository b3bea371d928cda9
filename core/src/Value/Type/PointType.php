<?php

declare(strict_types=1);

namespace Ricamo\Core\Value\Type;

use Ricamo\Core\Geometry\Point;
use Ricamo\Core\Json\Node;

/** A place, whose course over time is a path. */
class PointType extends PairType
{
    public function name(): string
    {
        return 'point';
    }

    public function read(Node $node, ?float $least = null, ?float $most = null): Point
    {
        return new Point(...$this->pair($node, $least, $most));
    }

    public function plain(mixed $json, ?float $least, ?float $most): ?Point
    {
        $pair = $this->plainPair($json, $least, $most);

        return $pair === null ? null : new Point($pair[0], $pair[1]);
    }

    public function mix(mixed $from, mixed $to, float $t): Point
    {
        assert($from instanceof Point && $to instanceof Point);

        return new Point($from->x + ($to->x - $from->x) * $t, $from->y + ($to->y - $from->y) * $t);
    }

    public function shifted(mixed $value, mixed $from, mixed $to): Point
    {
        assert($value instanceof Point && $from instanceof Point && $to instanceof Point);

        return $value->plus($to->minus($from));
    }

    public function made(array $channels): mixed
    {
        return new Point($channels[0], $channels[1]);
    }

    public function travels(): bool
    {
        return true;
    }

    public function channels(mixed $value): array
    {
        assert($value instanceof Point);

        return [$value->x, $value->y];
    }

    public function axes(): array
    {
        return ['x', 'y'];
    }
}
