<?php

declare(strict_types=1);

namespace Ricamo\Core\Document;

/** From where light comes. */
enum LightSource: string
{
    /** From everywhere alike. */
    case Ambient = 'ambient';

    /** From so far away that it comes from one direction. */
    case Directional = 'directional';

    /** From a point. */
    case Point = 'point';

    public function title(): string
    {
        return ucfirst($this->value);
    }
}
