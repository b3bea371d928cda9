<?php

declare(strict_types=1);

namespace Ricamo\Raster\Draw;

use FFI\CData;
use Ricamo\Raster\Native\Vips;

/** Puts what libvips made into a surface of the same size. */
final class PixelWriter
{
    public static function write(CData $image, Surface $surface): void
    {
        $vips = Vips::library();
        $target = $vips->vips_image_new_from_memory($surface->pixels, $surface->bytes(), $surface->width, $surface->height, 4, Vips::UCHAR);
        Vips::check($vips->vips_image_write($image, $target));
        $vips->g_object_unref($target);
        $surface->changed();
    }
}
