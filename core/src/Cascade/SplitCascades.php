<?php

declare(strict_types=1);

namespace Ricamo\Core\Cascade;

/** What becomes of a layer's cascades where it is cut in two: each goes on in the part in which it changes something. */
final class SplitCascades
{
    /**
     * Those of the part before a cut.
     *
     * @param  list<PlacedCascade>  $cascades
     * @param  int  $beyond  frames between the cut and the end
     * @return list<PlacedCascade>
     */
    public static function before(array $cascades, int $beyond): array
    {
        $kept = array_filter($cascades, function (PlacedCascade $one) use ($cascades, $beyond): bool {
            $whose = Running::whose($one, $cascades) ?? $one;

            return $one->role !== Role::Leave || $beyond < $one->at + $whose->length;
        });

        return array_values(array_map(
            fn (PlacedCascade $one): PlacedCascade => $one->role === Role::Leave ? $one->with(['at' => $one->at - $beyond]) : $one, $kept,
        ));
    }

    /**
     * Those of the part after it.
     *
     * @param  list<PlacedCascade>  $cascades
     * @param  int  $begun  frames between the beginning and the cut
     * @return list<PlacedCascade>
     */
    public static function from(array $cascades, int $begun): array
    {
        $kept = array_filter($cascades, fn (PlacedCascade $one): bool => $one->role !== Role::Accent || $begun < $one->at + $one->length);

        // An arrival that is over may still be mirrored.
        return array_values(array_map(
            fn (PlacedCascade $one): PlacedCascade => $one->role === Role::Leave ? $one : $one->with(
                ['at' => max(-PlacedCascade::LONGEST, $one->at - $begun)],
            ),
            $kept,
        ));
    }
}
