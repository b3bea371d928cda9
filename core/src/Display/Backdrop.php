<?php

namespace Ricamo\Core\Display;

use Ricamo\Core\Geometry\Box;

/**
 * A clip that lies at the bottom of a run of frames, opaque, unscaled, filling the frame and playing on by one of its
 * frames each time: a renderer may decode it straight into the output and draw only what lies above, which touches no
 * pixel outside $touched.
 */
final readonly class Backdrop
{
    /** @param  ?Box  $touched null when nothing lies above */
    private function __construct(public string $media, public int $firstFrame, public ?Box $touched)
    {
    }

    /**
     * @param  iterable<DisplayList>  $lists  of frames that follow each other
     * @return ?self null where there is no such clip
     */
    public static function under(iterable $lists): ?self
    {
        $first = null;
        $touched = null;
        $count = 0;
        foreach ($lists as $list) {
            $image = $list->operations[0] ?? null;
            if (! $image instanceof Image || ! self::fills($image, $list)) {
                return null;
            }
            $first ??= $image;
            if ($image->media !== $first->media || $image->frame !== $first->frame + $count++) {
                return null;
            }
            $above = DisplayList::extentOf(array_slice($list->operations, 1));
            $touched = $above === null ? $touched : ($touched?->union($above) ?? $above);
        }

        return $first === null ? null : new self($first->media, $first->frame, $touched);
    }

    private static function fills(Image $image, DisplayList $list): bool
    {
        return $image->opacity >= 1
            && $image->matrix->isIdentity()
            && (int) $image->size->width === $list->width
            && (int) $image->size->height === $list->height;
    }
}
