<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Picture;

/** Where along an axis something lies: at its beginning (left or top), in its middle, or at its end (right or bottom). */
enum AxisPlace: string
{
    case Start = 'start';
    case Middle = 'middle';
    case End = 'end';

    /** How far what goes from $from to $to has to move to lie there in what goes from $start to $end. */
    public function distance(float $from, float $to, float $start, float $end): float
    {
        return match ($this) {
            self::Start => $start - $from,
            self::Middle => ($start + $end - $from - $to) / 2,
            self::End => $end - $to,
        };
    }
}
