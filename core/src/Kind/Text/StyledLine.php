<?php

declare(strict_types=1);

namespace Ricamo\Core\Kind\Text;

use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Path;
use Ricamo\Core\Text\FontFeature;
use Ricamo\Core\Text\Glyph;
use Ricamo\Core\Text\LineBreaks;
use Ricamo\Core\Text\OpticalKerning;
use Ricamo\Core\Text\ShapedLine;
use Ricamo\Core\Text\Shaper;
use Ricamo\Core\Text\WordStyle;
use Ricamo\Core\Text\WordStyles;

/** Shapes a line in which characters have styles: each run of them by itself, in the order in which the whole line is read. */
final class StyledLine
{
    /** How far beneath the baseline a line under words lies, and how thick it is, in thousandths of an em. */
    private const UNDERLINE = [110, 62];

    /**
     * @param  int  $from  the number of the line's first character in the text
     * @param  array<string, float>  $axes  of a variable font, by their tags
     * @return array{string, ShapedLine} the line as it is set, and its glyphs
     */
    public static function shape(string $line, int $from, TextContent $content, Shaper $shaper, array $axes = []): array
    {
        $isOptical = ! $content->down && in_array(FontFeature::OpticalKerning, $content->features, true);
        $words = fn (string $text, string $font): ShapedLine => $shaper->shape($text, $font, $content->tags(), $axes, down: $content->down);
        if ($content->styles->all === []) {
            $plain = $words($line, $content->face());

            return [$line, $isOptical ? OpticalKerning::of($plain, $line, $words, fn (): array => [$content->face(), 1.0, 0.0]) : $plain];
        }
        $text = '';
        $spans = [];
        $styles = [];
        foreach (self::runs($line, $from, $content->styles) as [$run, $style]) {
            $spans[] = [strlen($text), $style->font ?? $content->face()];
            $styles[] = $style;
            $text .= $style?->case === null ? $run : ($style->case === 'upper' ? mb_strtoupper($run) : mb_strtolower($run));
        }
        $shaped = $shaper->shape($text, $content->face(), $content->tags(), $axes, $spans, $content->down);
        if ($isOptical) {
            $shaped = OpticalKerning::of($shaped, $text, $words, function (Glyph $glyph) use ($spans, $styles): array {
                $span = self::spanAt($spans, $glyph->cluster);

                return [$spans[$span][1], ...self::placed($styles[$span])];
            });
        }
        [$ascent, $descent] = [$shaped->ascent, $shaped->descent];
        foreach ($styles as $index => $style) {
            $own = $style?->font === null ? $shaped : $words('', $spans[$index][1]);
            [$scale, $rise] = self::placed($style);
            [$ascent, $descent] = [max($ascent, $own->ascent * $scale + $rise), max($descent, $own->descent * $scale - $rise)];
        }

        return [
            $text,
            new ShapedLine(
                array_map(
                    fn (Glyph $glyph): Glyph => self::styled($glyph, $styles[self::spanAt($spans, $glyph->cluster)]), $shaped->glyphs,
                ),
                $ascent,
                $descent,
            ),
        ];
    }

    /**
     * @param  list<array{int, string}>  $spans
     * @return int the number of the one that a byte is in
     */
    private static function spanAt(array $spans, int $byte): int
    {
        [$low, $high] = [0, count($spans) - 1];
        while ($low < $high) {
            $middle = ($low + $high + 1) >> 1;
            [$low, $high] = $spans[$middle][0] <= $byte ? [$middle, $high] : [$low, $middle - 1];
        }

        return $low;
    }

    /** @return array{float, float} how large it is, 1 for as large as the text, and how far above the baseline, in thousandths of an em */
    private static function placed(?WordStyle $style): array
    {
        return [(float) (($style->size ?? 100) / 100), ($style->rise ?? 0) * 10.0];
    }

    private static function styled(Glyph $glyph, ?WordStyle $style): Glyph
    {
        if ($style === null) {
            return $glyph;
        }
        [$scale, $rise] = self::placed($style);
        $advance = $glyph->advance * $scale + $style->tracking;
        $outline = $glyph->outline->isEmpty() ? $glyph->outline : $glyph->outline->transformed(new Affine($scale, 0, 0, $scale, 0, -$rise));
        if ($style->underline && $advance > 0) {
            [$below, $thick] = self::UNDERLINE;
            $outline = Path::joined([
                $outline, Path::rectangle(new Box(0, $below * $scale - $rise, $advance, ($below + $thick) * $scale - $rise)),
            ]);
        }

        return new Glyph($outline, $advance, $glyph->cluster, $glyph->colour ?? $style->colour);
    }

    /** @return list<array{string, ?WordStyle}> parts of a line that are set alike */
    private static function runs(string $line, int $from, WordStyles $styles): array
    {
        $parts = [];
        $all = [];
        foreach (mb_str_split($line) as $index => $character) {
            $last = count($parts) - 1;
            // A hyphen that parts a word is no character of the text: it is set as the letter before it.
            $style = $last >= 0 && $character === LineBreaks::HYPHEN ? $all[$last] : $styles->at($from + $index);
            if ($last >= 0 && $style === $all[$last]) {
                $parts[$last] .= $character;
            } else {
                $parts[] = $character;
                $all[] = $style;
            }
        }

        return $parts === [] ? [['', null]] : array_map(fn (string $part, ?WordStyle $style): array => [$part, $style], $parts, $all);
    }
}
