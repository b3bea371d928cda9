<?php

declare(strict_types=1);

namespace Ricamo\Core\Kind\Text;

use Ricamo\Core\Time\FrameRange;
use Ricamo\Core\Time\FrameRate;

/** A time that runs by itself while its layer is on. */
enum Clock: string
{
    /** From nothing, where the layer begins. */
    case Up = 'up';
    /** To nothing, where the layer ends. */
    case Down = 'down';

    /** @return float how many seconds more it has to begin with, so that it tells the same on another span */
    public function offset(FrameRange $from, FrameRange $to, FrameRate $rate): float
    {
        return $rate->seconds($this === self::Up ? $to->in - $from->in : $from->out - $to->out);
    }

    /** @return float seconds; the same all through a frame */
    public function seconds(FrameRange $span, int|float $at, FrameRate $rate): float
    {
        $frame = (int) floor($at);

        return $rate->seconds($this === self::Up ? $frame - $span->in : $span->out - $frame);
    }
}
