<?php

declare(strict_types=1);

namespace Ricamo\Core\Guide;

use Ricamo\Core\Geometry\Axis;
use Ricamo\Core\Geometry\Box;

/** Equal size: a box that is as wide, or as high, as another one that is seen. */
final readonly class Sizes
{
    private const SAME = 0.01;

    /** @param  list<Box>  $boxes  of layers that are seen, upright, in composition pixels */
    public function __construct(private array $boxes)
    {
    }

    /** The length along an axis, of one of them, that is nearest to $length; null where none is as near as $within pixels. */
    public function nearest(Axis $axis, float $length, float $within): ?float
    {
        $best = null;
        foreach ($this->boxes as $box) {
            $own = $axis->length($box);
            if ($own > 0 && abs($own - $length) <= $within && ($best === null || abs($own - $length) < abs($best - $length))) {
                $best = $own;
            }
        }

        return $best;
    }

    /**
     * What is as long as a box along an axis, and the box itself, each as a line through its middle.
     *
     * @return list<Guide>
     */
    public function touching(Axis $axis, Box $box): array
    {
        $same = array_filter($this->boxes, fn (Box $other): bool => abs($axis->length($other) - $axis->length($box)) < self::SAME);
        $across = $axis === Axis::X ? Axis::Y : Axis::X;
        $line = fn (Box $of): Guide => new Guide($across, $across->lines($of)[1], $axis->lines($of)[0], $axis->lines($of)[2]);

        return $same === [] ? [] : array_map($line, [$box, ...array_values($same)]);
    }
}
