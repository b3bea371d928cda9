<?php

declare(strict_types=1);

namespace Ricamo\Core\Document;

/** A layer's label colour. */
enum Dye: string
{
    case Madder = 'madder';
    case Woad = 'woad';
    case Weld = 'weld';
    case Saffron = 'saffron';
    case Indigo = 'indigo';
    case Cochineal = 'cochineal';
    case Walnut = 'walnut';
    case Lichen = 'lichen';

    public static function forNumber(int $number): self
    {
        return self::cases()[$number % count(self::cases())];
    }
}
