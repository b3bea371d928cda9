<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Time;

/** What becomes of the pace at which something plays. */
enum Retiming: string
{
    case Speed = 'speed';
    case Reverse = 'reverse';
    case Freeze = 'freeze';
    case Fill = 'fill';

    public function title(): string
    {
        return match ($this) {
            self::Speed => 'change speed',
            self::Reverse => 'reverse',
            self::Freeze => 'freeze frame',
            self::Fill => 'fill layer',
        };
    }
}
