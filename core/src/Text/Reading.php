<?php

declare(strict_types=1);

namespace Ricamo\Core\Text;

/** How long words take to be read. */
final class Reading
{
    /** 180 words a minute: the upper end of what subtitles are set for (BBC Subtitle Guidelines, 160 to 180). */
    private const WORDS_A_SECOND = 3.0;

    /** Of scripts that set no spaces between words: 5 characters a second (the Japanese broadcasters' 4, and a little more). */
    private const CHARACTERS_A_SECOND = 5.0;

    /** How often words can be read through in a time. @return ?float null where there is nothing to be read */
    public static function times(string $words, float $seconds): ?float
    {
        $spaceless = (int) preg_match_all('/[\p{Han}\p{Hiragana}\p{Katakana}\p{Thai}\p{Khmer}\p{Lao}\p{Myanmar}]/u', $words);
        $spaced = (string) preg_replace('/[\p{Han}\p{Hiragana}\p{Katakana}\p{Thai}\p{Khmer}\p{Lao}\p{Myanmar}]+/u', ' ', $words);
        $count = (int) preg_match_all('/[\p{L}\p{N}][^\s]*/u', $spaced);
        $takes = $count / self::WORDS_A_SECOND + $spaceless / self::CHARACTERS_A_SECOND;

        return $takes > 0 ? $seconds / $takes : null;
    }
}
