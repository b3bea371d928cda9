<?php

declare(strict_types=1);

namespace Ricamo\Raster\Render\Format;

/** How much of the picture is kept where a format leaves some of it out. */
enum Quality: string
{
    case Small = 'small';
    case Good = 'good';
    case Best = 'best';

    /**
     * @template T
     *
     * @param  T  $small
     * @param  T  $good
     * @param  T  $best
     * @return T
     */
    public function of(mixed $small, mixed $good, mixed $best): mixed
    {
        return match ($this) {
            self::Small => $small,
            self::Good => $good,
            self::Best => $best,
        };
    }
}
