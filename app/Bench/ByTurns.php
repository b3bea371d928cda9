<?php

declare(strict_types=1);

namespace App\Bench;

/** Two figures of one kind, measured by turns, so that whatever else the machine is at slows both alike. */
final readonly class ByTurns
{
    private const TURNS = 5;

    private function __construct(public float $first, public float $second, public float $share)
    {
    }

    /**
     * The median of each, and that of what the first is of the second.
     *
     * @param  callable(): float  $first
     * @param  callable(): float  $second
     */
    public static function measure(callable $first, callable $second): self
    {
        $turns = array_map(fn (): array => [$first(), $second()], range(1, self::TURNS));

        return new self(
            self::median(array_column($turns, 0)),
            self::median(array_column($turns, 1)),
            self::median(array_map(fn (array $turn): float => $turn[0] / $turn[1], $turns)),
        );
    }

    /** @param  non-empty-list<float>  $numbers */
    private static function median(array $numbers): float
    {
        sort($numbers);

        return $numbers[intdiv(count($numbers), 2)];
    }
}
