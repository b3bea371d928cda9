<?php

namespace Ricamo\Raster\Text;

use Closure;

/** Cuts a line into runs that one face can draw in one direction, in the order in which they stand from left to right. */
final class TextRuns
{
    /**
     * @param  non-empty-list<array{int, list<OpenFace>}>  $spans  from which byte on which faces are meant: the wanted one first, then those that help out; each is set by itself
     * @param  Closure(): OpenFace  $emoji  the face of pictures, opened where there are any
     * @return list<array{face: OpenFace, start: int, length: int, level: int}> in bytes; odd levels run from right to left
     */
    public static function of(string $line, array $spans, Closure $emoji): array
    {
        $characters = mb_str_split($line);
        if ($characters === []) {
            return [];
        }
        $codepoints = array_map(fn (string $character): int => (int) mb_ord($character), $characters);
        $levels = Bidi::levels($codepoints);
        /** @var list<array{face: OpenFace, start: int, length: int, level: int}> $runs */
        $runs = [];
        [$at, $span] = [0, 0];
        foreach ($characters as $index => $character) {
            $last = array_key_last($runs);
            for ($before = $span; isset($spans[$span + 1]) && $spans[$span + 1][0] <= $at; $span++);
            $face = Emoji::isOne($character, $characters[$index - 1] ?? '', $characters[$index + 1] ?? '') && $emoji()->has($codepoints[$index])
                ? $emoji()
                : self::face($codepoints[$index], $spans[$span][1], $last === null || $span !== $before ? null : $runs[$last]['face']);
            if ($last !== null && $span === $before && $runs[$last]['face'] === $face && $runs[$last]['level'] === $levels[$index]) {
                $runs[$last]['length'] += strlen($character);
            } else {
                $runs[] = ['face' => $face, 'start' => $at, 'length' => strlen($character), 'level' => $levels[$index]];
            }
            $at += strlen($character);
        }

        return Bidi::visual($runs);
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
