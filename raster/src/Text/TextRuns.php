<?php

namespace Ricamo\Raster\Text;

use IntlChar;

/**
 * Cuts a line into runs that one face can draw in one direction, in the order in which they stand from left to right.
 * This is the core of the Unicode Bidirectional Algorithm (UAX #9) with one level of embedding: neutral characters join
 * the run before them, numbers stay left to right.
 */
final class TextRuns
{
    private const RIGHT_TO_LEFT = [IntlChar::CHAR_DIRECTION_RIGHT_TO_LEFT, IntlChar::CHAR_DIRECTION_RIGHT_TO_LEFT_ARABIC];

    /**
     * @param  list<OpenFace>  $faces  the wanted face first, then those that help out
     * @return list<array{face: OpenFace, start: int, length: int, rtl: bool}> in bytes
     */
    public static function of(string $line, array $faces): array
    {
        $runs = [];
        $at = 0;
        foreach (mb_str_split($line) as $character) {
            $codepoint = mb_ord($character);
            $last = $runs === [] ? null : $runs[array_key_last($runs)];
            $rtl = self::isRightToLeft($codepoint) ?? $last['rtl'] ?? false;
            $face = self::face($codepoint, $faces, $last['face'] ?? null);
            if ($last !== null && $last['face'] === $face && $last['rtl'] === $rtl) {
                $runs[array_key_last($runs)]['length'] += strlen($character);
            } else {
                $runs[] = ['face' => $face, 'start' => $at, 'length' => strlen($character), 'rtl' => $rtl];
            }
            $at += strlen($character);
        }
        if (self::baseIsRightToLeft($runs, $line)) {
            $runs = array_reverse($runs);
        }

        return $runs;
    }

    /** @return ?bool null for a character that takes the direction of what is around it */
    private static function isRightToLeft(int $codepoint): ?bool
    {
        $direction = IntlChar::charDirection($codepoint);

        return match (true) {
            in_array($direction, self::RIGHT_TO_LEFT, true) => true,
            in_array($direction, [IntlChar::CHAR_DIRECTION_LEFT_TO_RIGHT, IntlChar::CHAR_DIRECTION_EUROPEAN_NUMBER, IntlChar::CHAR_DIRECTION_ARABIC_NUMBER], true) => false,
            default => null,
        };
    }

    /** @param  list<array{face: OpenFace, start: int, length: int, rtl: bool}>  $runs */
    private static function baseIsRightToLeft(array $runs, string $line): bool
    {
        foreach ($runs as $run) {
            if ($run['rtl'] || preg_match('/\p{L}/u', substr($line, $run['start'], $run['length']))) {
                return $run['rtl'];
            }
        }

        return false;
    }

    /** @param  list<OpenFace>  $faces */
    private static function face(int $codepoint, array $faces, ?OpenFace $current): OpenFace
    {
        // Marks and joiners are drawn by the face that draws what they belong to.
        if ($current !== null && preg_match('/[\p{M}\p{Cf}]/u', mb_chr($codepoint))) {
            return $current;
        }
        foreach ($faces as $face) {
            if ($face->has($codepoint)) {
                return $face;
            }
        }

        return $faces[0];
    }
}
