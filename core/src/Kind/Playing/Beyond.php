<?php

declare(strict_types=1);

namespace Ricamo\Core\Kind\Playing;

/** What a clip shows where it is asked for more than it has. */
enum Beyond: string
{
    /** Its last frame, or its first before it begins. */
    case Hold = 'hold';
    /** It again from the other end. */
    case Loop = 'loop';
    /** It backwards, and forwards again. */
    case Turn = 'there-and-back';
    case Nothing = 'nothing';

    /**
     * @param  int  $frame  counted from the clip's first, and on beyond its ends
     * @param  int  $frames  how many it has, from 1
     * @return ?int the frame of the clip that is shown there; null for none
     */
    public function shown(int $frame, int $frames): ?int
    {
        if ($frame >= 0 && $frame < $frames) {
            return $frame;
        }

        return match ($this) {
            self::Hold => $frame < 0 ? 0 : $frames - 1,
            self::Loop => self::modulo($frame, $frames),
            self::Turn => min(self::modulo($frame, 2 * $frames), 2 * $frames - 1 - self::modulo($frame, 2 * $frames)),
            self::Nothing => null,
        };
    }

    /** Whether the clip goes on for ever, so that no frame is missing. */
    public function goesOn(): bool
    {
        return $this === self::Loop || $this === self::Turn;
    }

    private static function modulo(int $a, int $b): int
    {
        return (($a % $b) + $b) % $b;
    }
}
