<?php

declare(strict_types=1);

namespace Ricamo\Core\Cascade;

/** Chance that is the same for the same seed on any machine: a crc32 as a hash. */
final class Dice
{
    /**
     * @param  string  $for  what it is thrown for, so that each use has a throw of its own
     * @return float −1 … 1
     */
    public static function thrown(int $seed, int $index, string $for): float
    {
        return self::hash($seed, $index, $for) / 2147483647.5 - 1;
    }

    /** A whole number below another. */
    public static function below(int $most, int $seed, int $index, string $for): int
    {
        return self::hash($seed, $index, $for) % $most;
    }

    /** @return list<int> the place of each of so many in another order: every place once */
    public static function shuffled(int $count, int $seed): array
    {
        $order = range(0, $count - 1);
        usort($order, fn (int $a, int $b): int => [self::hash($seed, $a, 'order'), $a] <=> [self::hash($seed, $b, 'order'), $b]);

        /** @var list<int> */
        $places = array_flip($order);
        ksort($places);

        return array_values($places);
    }

    /** Mixed once more after the sum, whose neighbours differ in few bits (Murmur3's finaliser). */
    private static function hash(int $seed, int $index, string $for): int
    {
        $value = crc32("$for $seed $index");
        $value = self::product($value ^ ($value >> 16), 0x85EBCA6B);
        $value = self::product($value ^ ($value >> 13), 0xC2B2AE35);

        return $value ^ ($value >> 16);
    }

    /** Of two numbers of 32 bits the lower 32; their whole product may be more than an integer holds. */
    private static function product(int $a, int $b): int
    {
        return (($a & 0xFFFF) * $b + ((($a >> 16) * $b & 0xFFFF) << 16)) & 0xFFFFFFFF;
    }
}
