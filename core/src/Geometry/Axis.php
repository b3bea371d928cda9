<?php

declare(strict_types=1);

namespace Ricamo\Core\Geometry;

enum Axis: string
{
    case X = 'x';
    case Y = 'y';

    /** @return array{float, float, float} where a box begins, has its middle and ends along this axis */
    public function lines(Box $box): array
    {
        return $this === self::X
            ? [$box->left, $box->centre()->x, $box->right]
            : [$box->top, $box->centre()->y, $box->bottom];
    }

    public function length(Box $box): float
    {
        return $this === self::X ? $box->width() : $box->height();
    }

    /** @return array{float, float} from where to where a line across this axis goes along a box */
    public function extent(Box $box): array
    {
        return $this === self::X ? [$box->top, $box->bottom] : [$box->left, $box->right];
    }
}
