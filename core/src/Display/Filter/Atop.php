<?php

declare(strict_types=1);

namespace Ricamo\Core\Display\Filter;

/** A picture is laid over only where something is, and as far as that is opaque: source atop, after Porter and Duff. */
final readonly class Atop extends ByPicture
{
    protected static function name(): string
    {
        return 'atop';
    }
}
