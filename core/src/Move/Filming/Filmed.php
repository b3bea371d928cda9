<?php

declare(strict_types=1);

namespace Ricamo\Core\Move\Filming;

use Ricamo\Core\Move\Move;

/** A move of a camera: before its beginning and after its end everything is seen as it rests. */
abstract class Filmed extends Move
{
    public function films(): bool
    {
        return true;
    }

    public function easing(): string
    {
        return 'ease-out(75%)';
    }

    public function seconds(): float
    {
        return 2.0;
    }
}
