<?php

namespace Ricamo\Raster\Native;

use FFI;
use FFI\CData;
use RuntimeException;

/** Opens font files, for Cairo to read their outlines from. */
final class FreeType
{
    public const LOAD_NO_HINTING = 2;

    private const DECLARATIONS = <<<'C'
        int FT_Init_FreeType(void **library);
        int FT_New_Face(void *library, const char *path, long index, void **face);
        C;

    private static ?FFI $library = null;

    private static ?CData $instance = null;

    /** @return CData an FT_Face, kept until the process ends */
    public static function face(string $file): CData
    {
        $library = self::$library ??= FFI::cdef(self::DECLARATIONS, 'libfreetype.so.6');
        if (self::$instance === null) {
            self::$instance = $library->new('void*');
            $library->FT_Init_FreeType(FFI::addr(self::$instance));
        }
        $face = $library->new('void*', false);
        if ($library->FT_New_Face(self::$instance, $file, 0, FFI::addr($face)) !== 0) {
            throw new RuntimeException('the font file '.basename($file).' cannot be read');
        }

        return $face;
    }
}
