<?php

declare(strict_types=1);

namespace App\Demo;

/** The colours of Depot Nine. */
final class Palette
{
    public const TRAM_CREAM = '#f3e3c3';

    public const DEPOT_GREEN = '#2f5d50';

    public const SIGNAL_RED = '#c0392b';

    public const ENAMEL_BLUE = '#24557a';

    public const BRASS = '#c9973f';

    public const NIGHT = '#1d2430';
}
