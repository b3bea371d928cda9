<?php

declare(strict_types=1);

namespace Ricamo\Core\Animation\Easing;

enum Direction: string
{
    case In = 'in';
    case Out = 'out';
    case InOut = 'in-out';

    public function opposite(): self
    {
        return match ($this) {
            self::In => self::Out,
            self::Out => self::In,
            self::InOut => self::InOut,
        };
    }

    /**
     * Turns an ease-in curve to this direction: out is the curve turned by half a turn, in-out is the curve at half
     * size followed by its turned copy.
     *
     * @param  callable(float): float  $in
     */
    public function apply(callable $in, float $t): float
    {
        return match (true) {
            $this === self::In => $in($t),
            $this === self::Out => 1 - $in(1 - $t),
            $t < 0.5 => $in(2 * $t) / 2,
            default => 1 - $in(2 - 2 * $t) / 2,
        };
    }
}
