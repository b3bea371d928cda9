<?php

declare(strict_types=1);

namespace Ricamo\Raster\Text;

use FFI;
use Ricamo\Raster\Native\FriBidi;
use RuntimeException;

/** The Unicode Bidirectional Algorithm (UAX #9) on one line. */
final class Bidi
{
    /**
     * The embedding level of each character; odd levels run from right to left.
     *
     * @param  list<int>  $codepoints  not empty
     * @return list<int>
     *
     * @throws RuntimeException where there is no memory
     */
    public static function levels(array $codepoints): array
    {
        $fribidi = FriBidi::library();
        $length = count($codepoints);
        $text = $fribidi->new("uint32_t[$length]");
        foreach ($codepoints as $index => $codepoint) {
            $text[$index] = $codepoint;
        }
        $types = $fribidi->new("uint32_t[$length]");
        $brackets = $fribidi->new("uint32_t[$length]");
        $levels = $fribidi->new("signed char[$length]");
        $base = $fribidi->new('uint32_t');
        $base->cdata = FriBidi::BASE_BY_FIRST_LETTER;
        $fribidi->fribidi_get_bidi_types($text, $length, $types);
        $fribidi->fribidi_get_bracket_types($text, $length, $types, $brackets);
        if ($fribidi->fribidi_get_par_embedding_levels_ex($types, $brackets, $length, FFI::addr($base), $levels) === 0) {
            throw new RuntimeException('no memory for the order of a line');
        }

        return array_map(fn (int $index): int => $levels[$index], array_keys($codepoints));
    }

    /**
     * Puts runs into the order in which they stand from left to right: from the highest level down to the lowest odd
     * one, whatever is at that level or above is turned around (rule L2).
     *
     * @template T of array{level: int}
     *
     * @param  list<T>  $runs  in the order in which they are read
     * @return list<T>
     */
    public static function visual(array $runs): array
    {
        $levels = array_column($runs, 'level');
        for ($level = max([0, ...$levels]); $level > 0; $level--) {
            for ($start = 0; $start < count($runs); $start = $end + 1) {
                for ($end = $start; $end < count($runs) && $runs[$end]['level'] >= $level; $end++);
                array_splice($runs, $start, $end - $start, array_reverse(array_slice($runs, $start, $end - $start)));
            }
        }

        return array_values($runs);
    }
}
