<?php

declare(strict_types=1);

namespace Ricamo\Core\Mask;

/** What a mask is made of. */
enum MaskForm: string
{
    case Rectangle = 'rectangle';
    case Ellipse = 'ellipse';

    /** A closed line through points. */
    case Free = 'free';

    /** Another layer of the composition. */
    case Layer = 'layer';

    public function title(): string
    {
        return $this === self::Free ? 'Free form mask' : ucfirst($this->value).' mask';
    }
}
