<?php

declare(strict_types=1);

namespace Ricamo\Core\Kind\Shape;

use Ricamo\Core\Document\Layer;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Kind\Paints;
use Ricamo\Core\Paint\Painted;

/** What of a shape cannot be seen although it is there, in words for the one who wonders where it is. */
final class Faint
{
    /** An outline of fewer pixels than this is hardly seen. */
    private const THIN = 0.5;

    /** Colours that are less opaque than this are clear, for the eye. */
    private const CLEAR = 3 / 255;

    /** @return ?string a sentence; null where all of it can be seen */
    public static function of(Layer $layer, int $frame): ?string
    {
        if (! $layer->content instanceof ShapeContent) {
            return null;
        }
        $width = $layer->number('outlineWidth', $frame);
        $scale = sqrt(abs($layer->matrix($frame)->determinant()));
        $pixels = $width * $scale;
        $hasFill = ! $layer->content->form->isOpen() && self::isPainted($layer, Painted::fill(), $frame);
        $hasOutline = self::isPainted($layer, Painted::outline(), $frame);

        return match (true) {
            // What grows out of nothing is not there yet; with more outlines it is seen by those.
            $scale < 1e-6, $layer->attached->outlines !== [] || $layer->attached->brush !== null => null,
            $width > 0 && ! $hasOutline => 'Its outline is clear.',
            $width > 0 && $pixels < self::THIN => sprintf('Its outline is thinner than a pixel: %s px.', round($pixels, 2)),
            $hasFill, $width > 0 => null,
            default => 'Nothing of it is seen: it has no fill, and its outline is 0 px wide.',
        };
    }

    private static function isPainted(Layer $layer, Painted $what, int $frame): bool
    {
        foreach ($layer->attached->gradients as $gradient) {
            if ($gradient->of->is($what)) {
                return Paints::of($what, $layer, $frame, Box::centred(1, 1)) !== null;
            }
        }

        return $layer->colour($what->colour(), $frame)->alpha / 255 > self::CLEAR;
    }
}
