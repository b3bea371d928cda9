<?php

declare(strict_types=1);

namespace Ricamo\Core\Display;

use Ricamo\Core\Geometry\Box;

/**
 * A clip that lies at the bottom of a run of frames: opaque, upright, standing still and covering the frame, and playing
 * on by one of its frames each time. A renderer may decode it straight into the output, scaled to $place, and draw only
 * what lies above, which touches no pixel outside $touched.
 */
final readonly class Backdrop
{
    /** How far, in pixels, its edges may be from whole even numbers, on which pixels and their shared chroma begin. */
    private const TOLERANCE = 0.01;

    /**
     * @param  Box  $place  where the whole clip lies, in whole even composition pixels; never smaller than the frame
     * @param  ?Box  $touched  null when nothing lies above
     */
    private function __construct(public string $media, public int $firstFrame, public Box $place, public ?Box $touched)
    {
    }

    /**
     * @param  iterable<DisplayList>  $lists  of frames that follow each other
     * @return ?self null where there is no such clip
     */
    public static function under(iterable $lists): ?self
    {
        $first = null;
        $place = null;
        $touched = null;
        $count = 0;
        foreach ($lists as $list) {
            $image = $list->operations[0] ?? null;
            if (! $image instanceof Image) {
                return null;
            }
            $first ??= $image;
            $place ??= self::place($image, $list);
            $playsOn = $image->media === $first->media && $image->frame === $first->frame + $count++;
            $blends = array_filter(
                $list->operations, fn (Operation $one): bool => $one instanceof Group && $one->blend !== Blend::Normal,
            ) !== [];
            // What is blended has to be drawn with the clip beneath it.
            if (
                $blends
                || $place === null
                || ! $playsOn
                || $image->opacity < 1
                || $image->alpha
                || ! $image->matrix->nearly($first->matrix)
            ) {
                return null;
            }
            $above = DisplayList::extentOf(array_slice($list->operations, 1));
            $touched = $above === null ? $touched : ($touched?->union($above) ?? $above);
        }

        return $first === null || $place === null ? null : new self($first->media, $first->frame, $place, $touched);
    }

    private static function place(Image $image, DisplayList $list): ?Box
    {
        $matrix = $image->matrix;
        $exact = $image->extent();
        $even = new Box(...array_map(fn (float $side): float => 2 * round($side / 2), $exact->toJson()));
        $isUpright = abs($matrix->b) < 1e-6 && abs($matrix->c) < 1e-6 && $matrix->a > 0 && $matrix->d > 0;
        $isEven = max(array_map(fn (float $a, float $b): float => abs($a - $b), $exact->toJson(), $even->toJson())) < self::TOLERANCE;
        $covers = $even->left <= 0 && $even->top <= 0 && $even->right >= $list->width && $even->bottom >= $list->height;

        return $isUpright && $isEven && $covers ? $even : null;
    }
}
