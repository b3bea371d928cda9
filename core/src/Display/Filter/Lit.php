<?php

declare(strict_types=1);

namespace Ricamo\Core\Display\Filter;

/** Every colour is multiplied by that of a picture in the same place, which is black where nothing is drawn. */
final readonly class Lit extends ByPicture
{
    protected static function name(): string
    {
        return 'lit';
    }
}
