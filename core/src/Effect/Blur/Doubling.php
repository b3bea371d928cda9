<?php

declare(strict_types=1);

namespace Ricamo\Core\Effect\Blur;

use Ricamo\Core\Display\Filter\Filter;
use Ricamo\Core\Display\Filter\Means;
use Ricamo\Core\Display\Filter\Moved;
use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Point;

/** Movements that double: of six of them come 64 pictures, spread evenly over the whole way, with the layer in its middle. */
final class Doubling
{
    private const TIMES = 6;

    /** @return list<Filter> */
    public static function along(Point $way): array
    {
        return self::of(fn (float $part): Affine => Affine::translation($part * $way->x, $part * $way->y));
    }

    /**
     * @param  callable(float): Affine  $part  what a share of the whole way is, from −1 to 1
     * @return list<Filter>
     */
    public static function of(callable $part): array
    {
        $pictures = 2 ** self::TIMES;
        $steps = array_map(fn (int $time): Affine => $part(2 ** $time / $pictures), range(0, self::TIMES - 1));

        return [new Moved($part(-($pictures - 1) / 2 / $pictures)), new Means($steps)];
    }
}
