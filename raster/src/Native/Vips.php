<?php

namespace Ricamo\Raster\Native;

use FFI;
use FFI\CData;
use RuntimeException;

/**
 * The part of libvips that is used here. Its operations take options by name and end with null; each of them must be of
 * exactly the type that is expected.
 */
final class Vips
{
    public const UCHAR = 0;

    public const PRECISION_INTEGER = 0;

    private const DECLARATIONS = <<<'C'
        typedef struct _VipsImage VipsImage;
        int vips_init(const char *name);
        void vips_cache_set_max(int max);
        const char *vips_error_buffer(void);
        void vips_error_clear(void);
        VipsImage *vips_image_new_from_memory(const void *data, size_t size, int width, int height, int bands, int format);
        VipsImage *vips_image_new_matrix_from_array(int width, int height, const double *array, int size);
        void vips_image_set_double(VipsImage *image, const char *name, double value);
        int vips_image_write(VipsImage *image, VipsImage *out);
        void g_object_unref(void *object);
        int vips_shrink(VipsImage *in, VipsImage **out, double across, double down, ...);
        int vips_convsep(VipsImage *in, VipsImage **out, VipsImage *mask, ...);
        int vips_recomb(VipsImage *in, VipsImage **out, VipsImage *matrix, ...);
        int vips_linear(VipsImage *in, VipsImage **out, const double *a, const double *b, int n, ...);
        int vips_maplut(VipsImage *in, VipsImage **out, VipsImage *lut, ...);
        int vips_unpremultiply(VipsImage *in, VipsImage **out, ...);
        int vips_premultiply(VipsImage *in, VipsImage **out, ...);
        C;

    private static ?FFI $library = null;

    public static function library(): FFI
    {
        if (self::$library === null) {
            self::$library = FFI::cdef(self::DECLARATIONS, 'libvips.so.42');
            if (self::$library->vips_init('ricamo') !== 0) {
                throw new RuntimeException('libvips cannot be used');
            }
            // Nothing is ever asked for twice.
            self::$library->vips_cache_set_max(0);
        }

        return self::$library;
    }

    /**
     * Runs an operation.
     *
     * @param  callable(FFI, CData): int  $operation  is given the library, and where to put the image that comes of it
     * @return CData the image; it is to be released
     */
    public static function made(callable $operation): CData
    {
        $vips = self::library();
        $out = $vips->new('VipsImage *[1]');
        self::check($operation($vips, $out));

        return $out[0];
    }

    public static function check(int $status): void
    {
        if ($status !== 0) {
            $reason = trim((string) self::library()->vips_error_buffer());
            self::library()->vips_error_clear();
            throw new RuntimeException("libvips: $reason");
        }
    }
}
