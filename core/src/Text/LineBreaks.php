<?php

namespace Ricamo\Core\Text;

use IntlBreakIterator;

/**
 * Parts text into lines that are not wider than a box, where ICU lets lines break (Unicode Standard Annex 14): also at soft
 * hyphens, which are seen only there.
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
     * @return non-empty-list<string> without the spaces at which they part; a word that is too wide for a line has one of its own
     */
    public static function wrapped(string $text, ShapedLine $shaped, float $tracking, float $width): array
    {
        $iterator = IntlBreakIterator::createLineInstance('und');
        if ($iterator === null || $text === '' || $shaped->width($tracking) <= $width) {
            return [$text];
        }
        $iterator->setText($text);
        $ends = self::advances($text, $shaped, $tracking);
        $lines = [];
        [$from, $last] = [0, 0];
        foreach (iterator_to_array($iterator, false) as $break) {
            if (! is_int($break) || $break === 0) {
                continue;
            }
            $trimmed = $from + strlen(rtrim(substr($text, $from, $break - $from)));
            // Of the last letter the tracking is not seen.
            $hyphen = str_ends_with(substr($text, 0, $trimmed), self::SOFT_HYPHEN) ? self::WIDE : 0;
            if ($last > $from && $width < $ends[$trimmed] - $ends[$from] - $tracking + $hyphen) {
                $lines[] = rtrim(substr($text, $from, $last - $from));
                $from = $last;
            }
            $last = $break;
        }
        $lines[] = rtrim(substr($text, $from));

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
