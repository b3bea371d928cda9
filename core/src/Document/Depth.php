<?php

declare(strict_types=1);

namespace Ricamo\Core\Document;

use Ricamo\Core\Animation\Property;

/** How far away layers are, where what they are in changes its size. */
final class Depth
{
    /** @param  Property  $depth  numbers, in pixels */
    public static function scaled(Property $depth, float $factor): Property
    {
        return $depth->mapValues(fn (mixed $away): mixed => is_float($away) ? round($away * $factor, 6) : $away);
    }
}
