<?php

declare(strict_types=1);

namespace Ricamo\Raster\Text;

use Ricamo\Core\Refusal;
use Ricamo\Raster\Native\FreeType;
use Throwable;

/** Finds out whether a file is a font, and which. */
final class FontFile
{
    /** In bytes: the largest fonts, of tens of thousands of characters, have half as many. */
    private const LARGEST = 60_000_000;

    /** How TrueType and OpenType files begin; those that are packed for the web are not read. */
    private const BEGINNINGS = ["\0\1\0\0", 'OTTO', 'true', 'ttcf'];

    /** Letters of which a font has to have one. */
    private const ASKED = 'AaÉéЖжΩω你あ한אاहก9';

    public static function isFont(string $beginning): bool
    {
        return in_array(substr($beginning, 0, 4), self::BEGINNINGS, true);
    }

    /**
     * @return array{family: string, style: string}
     *
     * @throws Refusal
     */
    public static function names(string $file): array
    {
        if (filesize($file) > self::LARGEST) {
            throw new Refusal('a font larger than '.self::LARGEST / 1_000_000 .' MB is not read');
        }
        try {
            $names = FreeType::names(FreeType::face($file));
            $face = new OpenFace(new FontFace('', $names['family'], $names['style'], $file));
        } catch (Throwable) {
            throw new Refusal('it cannot be read as a font');
        }
        $has = array_filter(mb_str_split(self::ASKED), fn (string $letter): bool => $face->has(mb_ord($letter)));
        if ($has === [] || $face->ascent + $face->descent <= 0) {
            throw new Refusal('it is a font without letters');
        }

        return $names;
    }
}
