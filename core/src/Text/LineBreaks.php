<?php

declare(strict_types=1);

namespace Ricamo\Core\Text;

use IntlBreakIterator;

/**
 * Parts text into lines that are not wider than a box, where ICU lets lines break (Unicode Standard Annex 14): also at soft
 * hyphens, which are seen only there, and where words may be parted.
 */
final class LineBreaks
{
    public const SOFT_HYPHEN = "\u{00AD}";

    public const HYPHEN = "\u{2010}";

    /** About how wide a hyphen is, in thousandths of an em. */
    private const WIDE = 330;

    /**
     * @param  ShapedLine  $shaped  the whole text in one line
     * @param  float  $width  in thousandths of an em, as is the tracking
     * @param  list<int>  $hyphens  the bytes before which a word may be parted by a hyphen
     * @return non-empty-list<array{string, bool}> without the spaces and soft hyphens at which they part, and whether a hyphen is
     *     seen at the end; a word that is too wide for a line has one of its own
     */
    public static function wrapped(string $text, ShapedLine $shaped, float $tracking, float $width, array $hyphens = []): array
    {
        $iterator = IntlBreakIterator::createLineInstance('und');
        if ($iterator === null || $text === '' || $shaped->width($tracking) <= $width) {
            return [[$text, false]];
        }
        $iterator->setText($text);
        $isHyphen = array_fill_keys($hyphens, true);
        $breaks = array_unique([...array_filter(iterator_to_array($iterator, false), is_int(...)), ...$hyphens]);
        sort($breaks);
        $ends = self::advances($text, $shaped, $tracking);
        $lines = [];
        [$from, $last] = [0, 0];
        $line = function (int $from, int $to) use ($text, $isHyphen): array {
            $line = rtrim(substr($text, $from, $to - $from));
            $isSoft = str_ends_with($line, self::SOFT_HYPHEN);

            return [$isSoft ? substr($line, 0, -strlen(self::SOFT_HYPHEN)) : $line, $isSoft || isset($isHyphen[$to])];
        };
        foreach ($breaks as $break) {
            if ($break === 0) {
                continue;
            }
            [$set, $isParted] = $line($from, $break);
            // Of the last letter the tracking is not seen.
            if ($last > $from && $width < $ends[$from + strlen($set)] - $ends[$from] - $tracking + ($isParted ? self::WIDE : 0)) {
                $lines[] = $line($from, $last);
                $from = $last;
            }
            $last = $break;
        }
        $lines[] = [rtrim(substr($text, $from)), false];

        return $lines;
    }

    /** @return array<int, float> for each byte how wide the text is up to it */
    private static function advances(string $text, ShapedLine $shaped, float $tracking): array
    {
        $at = array_fill(0, strlen($text) + 1, 0.0);
        $clusters = [];
        foreach ($shaped->glyphs as $glyph) {
            $clusters[$glyph->cluster] = ($clusters[$glyph->cluster] ?? $tracking) + $glyph->advance;
        }
        $sum = 0.0;
        for ($byte = 0; $byte <= strlen($text); $byte++) {
            $at[$byte] = $sum;
            $sum += $clusters[$byte] ?? 0.0;
        }

        return $at;
    }
}
