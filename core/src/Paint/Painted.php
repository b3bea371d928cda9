<?php

namespace Ricamo\Core\Paint;

/** What of a layer is painted. */
enum Painted: string
{
    case Fill = 'fill';
    case Outline = 'outline';

    /** The id of a gradient there. */
    public function id(): string
    {
        return $this === self::Fill ? 'g1' : 'g2';
    }
}
