<?php

declare(strict_types=1);

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

    public const USHORT = 2;

    public const SEQUENTIAL = 1;

    public const SRGB = 22;

    public const CUBIC = 2;

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
        VipsImage *vips_image_new_from_source(void *source, const char *options, ...);
        void *vips_source_new_from_file(const char *name);
        void *vips_target_new_to_descriptor(int descriptor);
        int vips_image_get_width(const VipsImage *image);
        int vips_image_get_height(const VipsImage *image);
        int vips_image_get_bands(const VipsImage *image);
        int vips_image_get_format(const VipsImage *image);
        int vips_image_get_interpretation(const VipsImage *image);
        int vips_image_get_n_pages(VipsImage *image);
        int vips_image_get_orientation(VipsImage *image);
        int vips_image_write_to_target(VipsImage *image, const char *suffix, void *target, ...);
        int vips_rawsave_fd(VipsImage *image, int descriptor, ...);
        int vips_resize(VipsImage *in, VipsImage **out, double scale, ...);
        int vips_rint(VipsImage *in, VipsImage **out, ...);
        int vips_cast(VipsImage *in, VipsImage **out, int format, ...);
        int vips_copy(VipsImage *in, VipsImage **out, ...);
        int vips_bandjoin_const1(VipsImage *in, VipsImage **out, double value, ...);
        C;

    private static ?FFI $library = null;

    /** @throws RuntimeException where libvips cannot be used */
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

    /** @throws RuntimeException where libvips says that something failed */
    public static function check(int $status): void
    {
        if ($status !== 0) {
            $reason = trim((string) self::library()->vips_error_buffer());
            self::library()->vips_error_clear();
            throw new RuntimeException("libvips: $reason");
        }
    }
}
