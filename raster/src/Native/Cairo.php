<?php

declare(strict_types=1);

namespace Ricamo\Raster\Native;

use FFI;

/** The part of Cairo that is used here, its FreeType font backend included. */
final class Cairo
{
    public const FORMAT_ARGB32 = 0;

    public const ANTIALIAS_GOOD = 5;

    public const FILTER_GOOD = 1;

    public const FILTER_NEAREST = 3;

    public const FILTER_BILINEAR = 4;

    public const EXTEND_REPEAT = 1;

    public const EXTEND_PAD = 3;

    public const OPERATOR_SOURCE = 1;

    public const OPERATOR_OVER = 2;

    public const OPERATOR_IN = 3;

    public const OPERATOR_ATOP = 5;

    public const OPERATOR_DEST_IN = 8;

    public const OPERATOR_DEST_OUT = 9;

    public const OPERATOR_XOR = 11;

    public const OPERATOR_ADD = 12;

    /** Multiply; the other modes follow in W3C's order. */
    public const OPERATOR_MULTIPLY = 14;

    public const HINT_STYLE_NONE = 1;

    public const HINT_METRICS_OFF = 1;

    public const JOIN_MITER = 0;

    public const JOIN_ROUND = 1;

    public const JOIN_BEVEL = 2;

    public const CAP_BUTT = 0;

    public const CAP_ROUND = 1;

    public const CAP_SQUARE = 2;

    public const RULE_WINDING = 0;

    public const RULE_EVEN_ODD = 1;

    public const PATH_MOVE_TO = 0;

    public const PATH_LINE_TO = 1;

    public const PATH_CURVE_TO = 2;

    private const DECLARATIONS = <<<'C'
        typedef struct _cairo cairo_t;
        typedef struct _cairo_surface cairo_surface_t;
        typedef struct _cairo_pattern cairo_pattern_t;
        typedef struct _cairo_font_face cairo_font_face_t;
        typedef struct _cairo_font_options cairo_font_options_t;
        typedef struct { double xx, yx, xy, yy, x0, y0; } cairo_matrix_t;
        typedef union { struct { int type; int length; } header; struct { double x, y; } point; } cairo_path_data_t;
        typedef struct { int status; cairo_path_data_t *data; int num_data; } cairo_path_t;
        typedef struct { unsigned long index; double x, y; } cairo_glyph_t;

        cairo_surface_t *cairo_image_surface_create(int format, int width, int height);
        unsigned char *cairo_image_surface_get_data(cairo_surface_t *surface);
        int cairo_surface_status(cairo_surface_t *surface);
        void cairo_surface_flush(cairo_surface_t *surface);
        void cairo_surface_mark_dirty(cairo_surface_t *surface);
        void cairo_surface_destroy(cairo_surface_t *surface);
        int cairo_surface_write_to_png(cairo_surface_t *surface, const char *filename);

        cairo_t *cairo_create(cairo_surface_t *target);
        void cairo_destroy(cairo_t *cr);
        void cairo_save(cairo_t *cr);
        void cairo_restore(cairo_t *cr);
        void cairo_push_group(cairo_t *cr);
        void cairo_set_operator(cairo_t *cr, int op);
        void cairo_pop_group_to_source(cairo_t *cr);
        void cairo_set_antialias(cairo_t *cr, int antialias);
        void cairo_set_tolerance(cairo_t *cr, double tolerance);
        void cairo_set_source_rgba(cairo_t *cr, double red, double green, double blue, double alpha);
        void cairo_set_source_surface(cairo_t *cr, cairo_surface_t *surface, double x, double y);
        cairo_pattern_t *cairo_get_source(cairo_t *cr);
        void cairo_set_source(cairo_t *cr, cairo_pattern_t *source);
        cairo_pattern_t *cairo_pattern_create_for_surface(cairo_surface_t *surface);
        cairo_pattern_t *cairo_pattern_create_linear(double x0, double y0, double x1, double y1);
        cairo_pattern_t *cairo_pattern_create_radial(double x0, double y0, double r0, double x1, double y1, double r1);
        void cairo_pattern_add_color_stop_rgba(cairo_pattern_t *pattern, double offset, double red, double green, double blue, double alpha);
        void cairo_pattern_set_matrix(cairo_pattern_t *pattern, const cairo_matrix_t *matrix);
        void cairo_pattern_destroy(cairo_pattern_t *pattern);
        void cairo_pattern_set_filter(cairo_pattern_t *pattern, int filter);
        void cairo_pattern_set_extend(cairo_pattern_t *pattern, int extend);
        void cairo_set_line_width(cairo_t *cr, double width);
        void cairo_set_line_join(cairo_t *cr, int join);
        void cairo_set_line_cap(cairo_t *cr, int cap);
        void cairo_set_dash(cairo_t *cr, const double *dashes, int count, double offset);
        void cairo_set_fill_rule(cairo_t *cr, int rule);
        void cairo_set_miter_limit(cairo_t *cr, double limit);
        void cairo_set_matrix(cairo_t *cr, const cairo_matrix_t *matrix);
        void cairo_identity_matrix(cairo_t *cr);
        void cairo_new_path(cairo_t *cr);
        void cairo_move_to(cairo_t *cr, double x, double y);
        void cairo_line_to(cairo_t *cr, double x, double y);
        void cairo_curve_to(cairo_t *cr, double x1, double y1, double x2, double y2, double x3, double y3);
        void cairo_close_path(cairo_t *cr);
        void cairo_rectangle(cairo_t *cr, double x, double y, double width, double height);
        void cairo_append_path(cairo_t *cr, const cairo_path_t *path);
        cairo_path_t *cairo_copy_path(cairo_t *cr);
        void cairo_path_destroy(cairo_path_t *path);
        void cairo_fill(cairo_t *cr);
        void cairo_stroke(cairo_t *cr);
        void cairo_clip(cairo_t *cr);
        void cairo_paint(cairo_t *cr);
        void cairo_paint_with_alpha(cairo_t *cr, double alpha);

        cairo_font_face_t *cairo_ft_font_face_create_for_ft_face(void *face, int load_flags);
        cairo_font_options_t *cairo_font_options_create(void);
        void cairo_font_options_set_hint_style(cairo_font_options_t *options, int style);
        void cairo_font_options_set_variations(cairo_font_options_t *options, const char *variations);
        void cairo_font_options_set_hint_metrics(cairo_font_options_t *options, int metrics);
        void cairo_set_font_face(cairo_t *cr, cairo_font_face_t *face);
        void cairo_set_font_size(cairo_t *cr, double size);
        void cairo_set_font_options(cairo_t *cr, const cairo_font_options_t *options);
        void cairo_glyph_path(cairo_t *cr, const cairo_glyph_t *glyphs, int count);
        C;

    private static ?FFI $library = null;

    public static function library(): FFI
    {
        return self::$library ??= FFI::cdef(self::DECLARATIONS, 'libcairo.so.2');
    }
}
