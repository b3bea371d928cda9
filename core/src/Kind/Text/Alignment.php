<?php

declare(strict_types=1);

namespace Ricamo\Core\Kind\Text;

enum Alignment: string
{
    case Left = 'left';
    case Centre = 'centre';
    case Right = 'right';

    /** Where a line of this width begins, from the layer's origin. */
    public function offset(float $width): float
    {
        return match ($this) {
            self::Left => 0.0,
            self::Centre => -$width / 2,
            self::Right => -$width,
        };
    }
}
