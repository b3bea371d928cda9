<?php

declare(strict_types=1);

namespace Ricamo\Raster\Native;

use FFI;

/** The part of HarfBuzz that shapes a run of text. */
final class HarfBuzz
{
    public const DIRECTION_LTR = 4;

    public const DIRECTION_RTL = 5;

    public const DIRECTION_TTB = 6;

    /** Of a feature that is on for all that is shaped. */
    public const TO_THE_END = 0xFFFFFFFF;

    /** Of a layer of a glyph that has the colour of the words. */
    public const WORDS_COLOUR = 0xFFFF;

    private const DECLARATIONS = <<<'C'
        typedef struct hb_blob_t hb_blob_t;
        typedef struct hb_face_t hb_face_t;
        typedef struct hb_font_t hb_font_t;
        typedef struct hb_buffer_t hb_buffer_t;
        typedef struct { uint32_t codepoint; uint32_t mask; uint32_t cluster; uint32_t var1; uint32_t var2; } hb_glyph_info_t;
        typedef struct { int32_t x_advance; int32_t y_advance; int32_t x_offset; int32_t y_offset; uint32_t var; } hb_glyph_position_t;
        typedef struct { uint32_t tag; uint32_t value; unsigned int start; unsigned int end; } hb_feature_t;
        typedef struct { uint32_t tag; float value; } hb_variation_t;
        typedef struct { unsigned int axis_index; uint32_t tag; unsigned int name_id; unsigned int flags; float min_value; float default_value; float max_value; unsigned int reserved; } hb_ot_var_axis_info_t;
        typedef struct { uint32_t glyph; unsigned int color_index; } hb_ot_color_layer_t;
        typedef struct { int32_t ascender; int32_t descender; int32_t line_gap; int32_t reserved[9]; } hb_font_extents_t;

        hb_blob_t *hb_blob_create_from_file(const char *file);
        hb_face_t *hb_face_create(hb_blob_t *blob, unsigned int index);
        hb_font_t *hb_font_create(hb_face_t *face);
        hb_face_t *hb_font_get_face(hb_font_t *font);
        void hb_font_set_variations(hb_font_t *font, const hb_variation_t *variations, unsigned int length);
        unsigned int hb_ot_var_get_axis_infos(hb_face_t *face, unsigned int start, unsigned int *count, hb_ot_var_axis_info_t *infos);
        unsigned int hb_ot_color_glyph_get_layers(hb_face_t *face, uint32_t glyph, unsigned int start, unsigned int *count, hb_ot_color_layer_t *layers);
        unsigned int hb_ot_color_palette_get_colors(hb_face_t *face, unsigned int palette, unsigned int start, unsigned int *count, uint32_t *colors);
        void hb_font_set_scale(hb_font_t *font, int x, int y);
        int hb_font_get_nominal_glyph(hb_font_t *font, uint32_t unicode, uint32_t *glyph);
        int hb_font_get_h_extents(hb_font_t *font, hb_font_extents_t *extents);
        hb_buffer_t *hb_buffer_create(void);
        void hb_buffer_destroy(hb_buffer_t *buffer);
        void hb_buffer_add_utf8(hb_buffer_t *buffer, const char *text, int length, unsigned int offset, int count);
        void hb_buffer_set_direction(hb_buffer_t *buffer, int direction);
        void hb_buffer_guess_segment_properties(hb_buffer_t *buffer);
        void hb_shape(hb_font_t *font, hb_buffer_t *buffer, const void *features, unsigned int count);
        hb_glyph_info_t *hb_buffer_get_glyph_infos(hb_buffer_t *buffer, unsigned int *length);
        hb_glyph_position_t *hb_buffer_get_glyph_positions(hb_buffer_t *buffer, unsigned int *length);
        C;

    private static ?FFI $library = null;

    /** A tag of the OpenType standard, such as `wght`, as a number. */
    public static function tag(string $tag): int
    {
        return (ord($tag[0]) << 24) | (ord($tag[1]) << 16) | (ord($tag[2]) << 8) | ord($tag[3]);
    }

    public static function library(): FFI
    {
        return self::$library ??= FFI::cdef(self::DECLARATIONS, 'libharfbuzz.so.0');
    }
}
