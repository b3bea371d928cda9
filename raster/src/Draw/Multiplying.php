<?php

declare(strict_types=1);

namespace Ricamo\Raster\Draw;

use FFI;
use FFI\CData;
use Ricamo\Raster\Native\Pixman;

/** Makes every colour of a picture so many times as strong, its alpha staying as it is: pixman masks each channel by itself. */
final class Multiplying
{
    /** @param  Surface  $by  opaque, as large, by whose colours those in the same place are multiplied */
    public static function of(Surface $picture, Surface $by): Surface
    {
        return self::through($picture, self::pictureOf($by));
    }

    /** @param  array{float, float, float}  $by  red, green and blue, 0..1 */
    public static function evenly(Surface $picture, array $by): Surface
    {
        $colour = Pixman::library()->new('pixman_color_t');
        [$colour->red, $colour->green, $colour->blue] = array_map(fn (float $factor): int => (int) round(0xFFFF * $factor), $by);
        $colour->alpha = 0xFFFF;

        return self::through($picture, Pixman::library()->pixman_image_create_solid_fill(FFI::addr($colour)));
    }

    private static function through(Surface $picture, CData $mask): Surface
    {
        $pixman = Pixman::library();
        $multiplied = new Surface($picture->width, $picture->height);
        [$source, $target] = [self::pictureOf($picture), self::pictureOf($multiplied)];
        $pixman->pixman_image_set_component_alpha($mask, 1);
        $pixman->pixman_image_composite32(
            Pixman::OPERATOR_SRC, $source, $mask, $target, 0, 0, 0, 0, 0, 0, $picture->width, $picture->height,
        );
        foreach ([$source, $mask, $target] as $one) {
            $pixman->pixman_image_unref($one);
        }
        $multiplied->changed();

        return $multiplied;
    }

    private static function pictureOf(Surface $surface): CData
    {
        return Pixman::library()->pixman_image_create_bits(
            Pixman::FORMAT_ARGB32, $surface->width, $surface->height, $surface->pixels, 4 * $surface->width,
        );
    }
}
