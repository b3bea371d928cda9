<?php

declare(strict_types=1);

namespace Ricamo\Raster\Text;

use Closure;
use IntlChar;

/** Cuts a line into runs that one face can draw in one direction, in the order in which they stand from left to right. */
final class TextRuns
{
    /** ICU's number of the property; its values are nought for what is turned, else for what is not, or by the font alone. */
    private const VERTICAL_ORIENTATION = 0x1018;

    /**
     * @param  non-empty-list<array{int, list<OpenFace>}>  $spans  from which byte on which faces are meant: the wanted one
     *     first, then those that help out; each is set by itself
     * @param  Closure(): OpenFace  $emoji  the face of pictures, opened where there are any
     * @param  bool  $down  whether the line runs from top to bottom
     * @return list<array{face: OpenFace, start: int, length: int, level: int, upright: bool}> in bytes; odd levels run from right to left
     */
    public static function of(string $line, array $spans, Closure $emoji, bool $down = false): array
    {
        $characters = mb_str_split($line);
        if ($characters === []) {
            return [];
        }
        $codepoints = array_map(fn (string $character): int => (int) mb_ord($character), $characters);
        $levels = Bidi::levels($codepoints);
        /** @var list<array{face: OpenFace, start: int, length: int, level: int, upright: bool}> $runs */
        $runs = [];
        [$at, $span] = [0, 0];
        foreach ($characters as $index => $character) {
            $last = array_key_last($runs);
            for ($before = $span; isset($spans[$span + 1]) && $spans[$span + 1][0] <= $at; $span++);
            $face = Emoji::isOne($character, $characters[$index - 1] ?? '', $characters[$index + 1] ?? '')
                && $emoji()->has($codepoints[$index])
                ? $emoji()
                : self::face($codepoints[$index], $spans[$span][1], $last === null || $span !== $before ? null : $runs[$last]['face']);
            $upright = $down && self::isUpright($character, $codepoints[$index], $last !== null && $runs[$last]['upright']);
            if (
                $last !== null
                && $span === $before
                && $runs[$last]['face'] === $face
                && $runs[$last]['level'] === $levels[$index]
                && $runs[$last]['upright'] === $upright
            ) {
                $runs[$last]['length'] += strlen($character);
            } else {
                $runs[] = [
                    'face' => $face, 'start' => $at, 'length' => strlen($character), 'level' => $levels[$index],
                    'upright' => $upright,
                ];
            }
            $at += strlen($character);
        }

        return Bidi::visual($runs);
    }

    /**
     * Whether a character stands upright in a line that runs down, as Unicode's annex 50 has it; what belongs to another one
     * stands as that does.
     *
     * @param  bool  $before  whether the one before it does
     */
    private static function isUpright(string $character, int $codepoint, bool $before): bool
    {
        return preg_match('/[\p{M}\p{Cf}]/u', $character) === 1
            ? $before
            : IntlChar::getIntPropertyValue($codepoint, self::VERTICAL_ORIENTATION) > 0;
    }

    /** @param  list<OpenFace>  $faces */
    private static function face(int $codepoint, array $faces, ?OpenFace $current): OpenFace
    {
        // Marks and joiners are drawn by the face that draws what they belong to.
        if ($current !== null && preg_match('/[\p{M}\p{Cf}]/u', (string) mb_chr($codepoint))) {
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
