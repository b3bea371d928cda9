<?php

declare(strict_types=1);

namespace Ricamo\Core\Evaluate;

/**
 * In which order layers are drawn: that of the stack, but that among neighbours that have left the picture's plane what is nearer covers
 * what is farther away. A layer that lies flat in the picture parts those above it from those beneath.
 */
final class DepthOrder
{
    /**
     * @param  list<Standing|false|null>  $layers  from the bottom to the top; null for one that lies flat, false for one that is not drawn
     * @param  array{float, float, float}  $eye  where the viewer is
     * @return ?list<int> the places in the stack of those that are drawn, in that order; null where it is that of the stack
     */
    public static function of(array $layers, array $eye): ?array
    {
        $order = [];
        $run = [];
        foreach ([...$layers, null] as $place => $standing) {
            if ($standing instanceof Standing) {
                $run[$place] = $standing;
            } elseif ($standing === null) {
                array_push($order, ...self::sorted($run, $eye));
                $run = [];
                $order[] = $place;
            }
        }
        array_pop($order);

        return $order === array_keys(array_filter($layers, fn (Standing|false|null $one): bool => $one !== false)) ? null : $order;
    }

    /**
     * One after another what covers nothing that is left, the lowest in the stack first; in a circle the lowest of all.
     *
     * @param  array<int, Standing>  $run
     * @param  array{float, float, float}  $eye
     * @return list<int>
     */
    private static function sorted(array $run, array $eye): array
    {
        if (count($run) < 2) {
            return array_keys($run);
        }
        /** @var array<int, array<int, true>> $beneath what has to be drawn before each */
        $beneath = array_map(fn (): array => [], $run);
        $places = array_keys($run);
        foreach ($places as $index => $one) {
            foreach (array_slice($places, $index + 1) as $other) {
                if ($run[$one]->overlaps($run[$other], $eye)) {
                    [$below, $above] = $run[$other]->covers($run[$one], $eye) ?? true ? [$one, $other] : [$other, $one];
                    $beneath[$above][$below] = true;
                }
            }
        }
        $order = [];
        while ($beneath !== []) {
            $free = array_keys(array_filter($beneath, fn (array $others): bool => $others === []));
            $next = $free[0] ?? array_key_first($beneath);
            $order[] = $next;
            unset($beneath[$next]);
            $beneath = array_map(fn (array $others): array => array_diff_key($others, [$next => 0]), $beneath);
        }

        return $order;
    }
}
