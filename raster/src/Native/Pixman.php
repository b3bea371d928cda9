<?php

declare(strict_types=1);

namespace Ricamo\Raster\Native;

use FFI;

/** The part of pixman that is used here; Cairo itself draws with it. */
final class Pixman
{
    public const FORMAT_ARGB32 = 0x20028888;

    /** One bit a pixel: of a triangle, the pixels whose middle lies in it. */
    public const FORMAT_A1 = 0x01011000;

    public const OPERATOR_SRC = 1;

    public const OPERATOR_OVER = 3;

    public const OPERATOR_OUT_REVERSE = 8;

    public const FILTER_BILINEAR = 4;

    /** What 1 is in its numbers. */
    public const ONE = 65536;

    private const DECLARATIONS = <<<'C'
        typedef struct _pixman_image pixman_image_t;
        typedef struct { int32_t x, y; } pixman_point_fixed_t;
        typedef struct { pixman_point_fixed_t p1, p2, p3; } pixman_triangle_t;
        typedef struct { int32_t matrix[9]; } pixman_transform_t;
        typedef struct { uint16_t red, green, blue, alpha; } pixman_color_t;
        pixman_image_t *pixman_image_create_bits(int format, int width, int height, void *bits, int stride);
        pixman_image_t *pixman_image_create_solid_fill(const pixman_color_t *color);
        int pixman_image_set_transform(pixman_image_t *image, const pixman_transform_t *transform);
        int pixman_image_set_filter(pixman_image_t *image, int filter, const int32_t *params, int n_params);
        void pixman_image_set_component_alpha(pixman_image_t *image, int component_alpha);
        void pixman_image_composite32(int op, pixman_image_t *src, pixman_image_t *mask, pixman_image_t *dest,
            int32_t src_x, int32_t src_y, int32_t mask_x, int32_t mask_y, int32_t dest_x, int32_t dest_y, int32_t width, int32_t height);
        int pixman_image_unref(pixman_image_t *image);
        void pixman_composite_triangles(int op, pixman_image_t *src, pixman_image_t *dst, int mask_format,
            int x_src, int y_src, int x_dst, int y_dst, int n_tris, const pixman_triangle_t *tris);
        C;

    private static ?FFI $library = null;

    public static function library(): FFI
    {
        return self::$library ??= FFI::cdef(self::DECLARATIONS, 'libpixman-1.so.0');
    }
}
