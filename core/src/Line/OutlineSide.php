<?php

declare(strict_types=1);

namespace Ricamo\Core\Line;

/** Where one more outline lies, or that it is a fill. */
enum OutlineSide: string
{
    case Outside = 'outside';
    case Centre = 'centre';
    case Inside = 'inside';

    /** A fill beneath all else, as much larger all around as it is wide. */
    case Beneath = 'beneath';

    /** A fill over the layer's own. */
    case Over = 'over';

    public function isFill(): bool
    {
        return $this === self::Beneath || $this === self::Over;
    }

    /** Whether it lies over the layer's own fill. */
    public function isOver(): bool
    {
        return $this === self::Inside || $this === self::Over;
    }
}
