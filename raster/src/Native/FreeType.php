<?php

declare(strict_types=1);

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
        typedef struct { long num_faces, face_index, face_flags, style_flags, num_glyphs; char *family_name, *style_name; } FT_FaceHead;
        int FT_New_Face(void *library, const char *path, long index, void **face);
        C;

    private static ?FFI $library = null;

    private static ?CData $instance = null;

    /**
     * @param  CData  $face  an FT_Face
     * @return array{family: string, style: string} as the font has them
     *
     * @throws RuntimeException for a file that cannot be read
     */
    public static function names(CData $face): array
    {
        $library = self::$library ?? throw new RuntimeException('no font has been opened');
        $head = $library->cast('FT_FaceHead*', $face)[0];
        $text = fn (?CData $name): string => $name === null ? '' : mb_substr(mb_scrub(FFI::string($library->cast('char*', $name))), 0, 80);

        return ['family' => $text($head->family_name), 'style' => $text($head->style_name)];
    }

    /**
     * @return CData an FT_Face, kept until the process ends
     *
     * @throws RuntimeException for a file that cannot be read
     */
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
