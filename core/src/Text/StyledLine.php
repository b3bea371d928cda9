<?php

namespace Ricamo\Core\Text;

use Ricamo\Core\Geometry\Affine;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Path;
use Ricamo\Core\Kind\Text\TextContent;

/** Shapes a line in which characters have styles: each run by itself, one after another. */
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
        if ($content->styles->all === []) {
            return [$line, $shaper->shape($line, $content->face(), $content->tags(), $axes)];
        }
        $plain = $shaper->shape($line, $content->face(), $content->tags(), $axes);
        $runs = self::runs($line, $from, $content->styles);
        // A line that is read from the right begins there.
        $isFromRight = preg_match('/^[^\p{L}]*[\p{Hebrew}\p{Arabic}\p{Syriac}\p{Thaana}]/u', $line) === 1;
        $shaped = [];
        $text = '';
        [$ascent, $descent] = [$plain->ascent, $plain->descent];
        foreach ($runs as [$run, $style]) {
            $set = $style?->case === null ? $run : ($style->case === 'upper' ? mb_strtoupper($run) : mb_strtolower($run));
            $own = $shaper->shape($set, $style->font ?? $content->face(), $content->tags(), $axes);
            $scale = ($style->size ?? 100) / 100;
            $rise = ($style->rise ?? 0) * 10;
            $shaped[] = array_map(fn (Glyph $glyph): Glyph => self::styled($glyph, $style, $scale, $rise, strlen($text)), $own->glyphs);
            [$ascent, $descent] = [max($ascent, $own->ascent * $scale + $rise), max($descent, $own->descent * $scale - $rise)];
            $text .= $set;
        }

        return [$text, new ShapedLine(array_merge(...($isFromRight ? array_reverse($shaped) : $shaped)), $ascent, $descent)];
    }

    private static function styled(Glyph $glyph, ?WordStyle $style, float $scale, float $rise, int $byte): Glyph
    {
        if ($style === null) {
            return new Glyph($glyph->outline, $glyph->advance, $glyph->cluster + $byte, $glyph->colour);
        }
        $advance = $glyph->advance * $scale + $style->tracking;
        $outline = $glyph->outline->isEmpty() ? $glyph->outline : $glyph->outline->transformed(new Affine($scale, 0, 0, $scale, 0, -$rise));
        if ($style->underline && $advance > 0) {
            [$below, $thick] = self::UNDERLINE;
            $outline = Path::joined([$outline, Path::rectangle(new Box(0, $below * $scale - $rise, $advance, ($below + $thick) * $scale - $rise))]);
        }

        return new Glyph($outline, $advance, $glyph->cluster + $byte, $glyph->colour ?? $style->colour);
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
