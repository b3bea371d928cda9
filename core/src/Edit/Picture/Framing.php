<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Picture;

use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Size;

/** How something fills the frame: as large as fits in, as large as leaves nothing free, at its own size, or out of shape. */
enum Framing: string
{
    case Fit = 'fit';
    case Fill = 'fill';
    case Original = 'original';
    case Stretch = 'stretch';

    /** @return array{float, float} what a box of its own size is scaled by, along each axis */
    public function scales(Box $own, Size $frame): array
    {
        $x = $own->width() > 0 ? $frame->width / $own->width() : 1.0;
        $y = $own->height() > 0 ? $frame->height / $own->height() : 1.0;

        return match ($this) {
            self::Fit => [min($x, $y), min($x, $y)],
            self::Fill => [max($x, $y), max($x, $y)],
            self::Original => [1.0, 1.0],
            self::Stretch => [$x, $y],
        };
    }
}
