<?php

declare(strict_types=1);

namespace Ricamo\Raster\Native;

use FFI;

/** The part of FriBidi that works out the Unicode Bidirectional Algorithm (UAX #9). */
final class FriBidi
{
    /** The paragraph's direction is that of its first letter: FRIBIDI_PAR_ON. */
    public const BASE_BY_FIRST_LETTER = 0x40;

    private const DECLARATIONS = <<<'C'
        void fribidi_get_bidi_types(const uint32_t *text, int length, uint32_t *types);
        void fribidi_get_bracket_types(const uint32_t *text, int length, const uint32_t *types, uint32_t *brackets);
        signed char fribidi_get_par_embedding_levels_ex(const uint32_t *types, const uint32_t *brackets, int length, uint32_t *base, signed char *levels);
        C;

    private static ?FFI $library = null;

    public static function library(): FFI
    {
        return self::$library ??= FFI::cdef(self::DECLARATIONS, 'libfribidi.so.0');
    }
}
