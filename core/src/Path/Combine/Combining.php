<?php

declare(strict_types=1);

namespace Ricamo\Core\Path\Combine;

/** What is made of several shapes, of which the first lies lowest. */
enum Combining: string
{
    case Union = 'union';
    case Subtract = 'subtract';
    case Intersect = 'intersect';
    case Exclude = 'exclude';

    public function title(): string
    {
        return match ($this) {
            self::Union => 'unite shapes',
            self::Subtract => 'subtract shapes',
            self::Intersect => 'intersect shapes',
            self::Exclude => 'exclude where shapes overlap',
        };
    }

    /**
     * Whether a place belongs to the result.
     *
     * @param  list<int>  $windings  how often each shape goes round it
     */
    public function holds(array $windings): bool
    {
        $around = count(array_filter($windings));

        return match ($this) {
            self::Union => $around > 0,
            self::Subtract => $windings[0] !== 0 && $around === 1,
            self::Intersect => $around === count($windings),
            self::Exclude => $around % 2 === 1,
        };
    }
}
