<?php

declare(strict_types=1);

namespace Ricamo\Core\Text;

use Ricamo\Core\Refusal;

/** Turns a line of text into glyphs, and knows where words are parted. Implemented where fonts and patterns can be read. */
interface Shaper
{
    /**
     * @param  string  $line  without line breaks
     * @param  string  $font  the id of a font face
     * @param  array<string, int>  $features  OpenType features that are asked for besides what the font does by itself, by
     *     their tags; 0 for what is not used
     * @param  array<string, float>  $axes  values of a variable font's axes, by their tags
     * @param  list<array{int, string}>  $spans  the bytes from which on characters are set by themselves, in order, and in which font each
     * @param  bool  $down  whether the line runs from top to bottom: its glyphs lie as in one that is turned to the right,
     *     around its middle
     *
     * @throws Refusal for an unknown font
     */
    public function shape(
        string $line,
        string $font,
        array $features = [],
        array $axes = [],
        array $spans = [],
        bool $down = false,
    ): ShapedLine;

    /** The weight of a font that can be varied in it, where no other is asked for; null for one that cannot. */
    public function weight(string $font): ?float;

    /**
     * Where words may be parted by a hyphen.
     *
     * @return list<int> the bytes before which one may stand, in order
     */
    public function hyphens(string $line, Language $language): array;
}
