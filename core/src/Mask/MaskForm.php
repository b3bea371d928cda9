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

    /** The layer's own box, without as much of it as its four edges say. */
    case Crop = 'crop';

    /** Another layer of the composition. */
    case Layer = 'layer';

    public function title(): string
    {
        return match ($this) {
            self::Free => 'Free form mask',
            self::Crop => 'Crop',
            default => ucfirst($this->value).' mask',
        };
    }
}
