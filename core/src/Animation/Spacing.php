<?php

declare(strict_types=1);

namespace Ricamo\Core\Animation;

use Ricamo\Core\Refusal;

/** Divides a time into whole frames. */
final class Spacing
{
    /**
     * In shares, at least a frame each; what does not come out even goes to the largest remainders (Hamilton's method).
     *
     * @param  list<float>  $shares  0 and more
     * @return list<int> as many, $frames together
     *
     * @throws Refusal for fewer frames than shares
     */
    public static function whole(array $shares, int $frames): array
    {
        if ($frames < count($shares)) {
            throw new Refusal("$frames frames are too few for ".count($shares).' segments');
        }
        // Shares too small for a frame get one each, and the rest is divided among the others.
        $least = [];
        do {
            $others = array_diff_key($shares, $least);
            $left = $frames - count($least);
            $sum = array_sum($others);
            $small = array_filter($others, fn (float $share): bool => $sum <= 0 || $left * $share / $sum < 1);
            $isDone = $small === [] || count($small) === count($others);
            $least += $isDone ? [] : array_fill_keys(array_keys($small), true);
        } while (! $isDone);
        $exact = array_map(fn (float $share): float => $sum > 0 ? $left * $share / $sum : $left / count($others), $others);
        $whole = array_map(fn (float $part): int => (int) floor($part + 1e-9), $exact) + array_map(fn (): int => 1, $least);
        $remainders = array_map(fn (float $part): float => $part - floor($part + 1e-9), $exact);
        arsort($remainders);
        foreach (array_slice(array_keys($remainders), 0, $frames - array_sum($whole)) as $index) {
            $whole[$index]++;
        }
        ksort($whole);

        return array_values($whole);
    }
}
