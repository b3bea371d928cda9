<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Paths;

/** What is done to a path besides moving its points. */
enum PathChange: string
{
    case Insert = 'insert';
    case Remove = 'remove';
    case Smooth = 'smooth';
    case Sharpen = 'sharpen';
    case Close = 'close';
    case Open = 'open';
    case Reverse = 'reverse';
    case Start = 'start';
    case Cut = 'cut';
    case Join = 'join';

    public function title(): string
    {
        return match ($this) {
            self::Insert => 'add point',
            self::Remove => 'remove point',
            self::Smooth => 'smooth point',
            self::Sharpen => 'sharp point',
            self::Close => 'close path',
            self::Open => 'open path',
            self::Reverse => 'path the other way round',
            self::Start => 'path begins there',
            self::Cut => 'cut path',
            self::Join => 'join paths',
        };
    }
}
