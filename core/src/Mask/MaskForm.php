<?php

namespace Ricamo\Core\Mask;

/** What a mask is made of. */
enum MaskForm: string
{
    case Rectangle = 'rectangle';
    case Ellipse = 'ellipse';

    /** Another layer of the composition. */
    case Layer = 'layer';

    public function title(): string
    {
        return ucfirst($this->value).' mask';
    }
}
