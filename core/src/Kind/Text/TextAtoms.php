<?php

declare(strict_types=1);

namespace Ricamo\Core\Kind\Text;

use IntlBreakIterator;
use Ricamo\Core\Display\Outline;
use Ricamo\Core\Geometry\Path;
use Ricamo\Core\Text\Glyph;

/**
 * Takes a text apart into letters, words or lines, in the order in which they are read. Letters are grapheme clusters (Unicode
 * Standard Annex 29); what a font draws as one glyph stays one, and so do words that are set without spaces, as ICU tells them.
 */
final class TextAtoms
{
    /** @return list<TextAtom> spaces among them, which draw nothing */
    public static function letters(TextBlock $block): array
    {
        $atoms = [];
        $words = 0;
        foreach ($block->lines as $number => $line) {
            $wordAt = self::words($line->text);
            $letters = self::glyphsByLetter($line, $block->tracking);
            $ends = [...array_slice(array_keys($letters), 1), strlen($line->text)];
            foreach (array_keys($letters) as $index => $start) {
                $word = $wordAt[$start] ?? null;
                $atoms[] = self::atom(
                    $letters[$start], $number, $word === null ? null : $words + $word, substr($line->text, $start, $ends[$index] - $start),
                );
            }
            $words += $wordAt === [] ? 0 : max($wordAt) + 1;
        }

        return $atoms;
    }

    /**
     * Whole words of such letters; what stands between them is left out.
     *
     * @param  list<TextAtom>  $letters
     * @return list<TextAtom>
     */
    public static function joined(TextBlock $block, array $letters): array
    {
        $words = [];
        foreach ($letters as $letter) {
            if ($letter->word !== null) {
                // A picture in several colours is one by itself.
                $words["$letter->word ".($letter->layers === [] ? $letter->colour : "at $letter->left on $letter->line")][] = $letter;
            }
        }

        return array_values(array_map(fn (array $of): TextAtom => new TextAtom(
            Outline::of(Path::joined(array_map(fn (TextAtom $one): Path => Path::parse($one->outline->data), $of))),
            min(array_map(fn (TextAtom $one): float => $one->left, $of)),
            max(array_map(fn (TextAtom $one): float => $one->right, $of)),
            $of[0]->line, $of[0]->word, colour: $of[0]->colour, layers: $of[0]->layers,
        ), $words));
    }

    /** @return list<TextAtom> whole lines, each in as many parts as it has colours */
    public static function lines(TextBlock $block): array
    {
        $atoms = [];
        foreach ($block->lines as $number => $line) {
            $colours = array_unique(array_map(fn (Glyph $glyph): string => (string) $glyph->colour, $line->shaped->glyphs));
            if (count($colours) < 2) {
                $atoms[] = new TextAtom($line->outline, 0, $line->width, $number, null, colour: $line->shaped->glyphs[0]->colour ?? null);

                continue;
            }
            foreach (self::byColour($line, $block->tracking) as $glyphs) {
                $atoms[] = self::part($glyphs, 0, $line->width, $number, null);
            }
        }

        return $atoms;
    }

    /**
     * @return array<int, non-empty-list<array{Glyph, float}>> by the byte at which each letter begins, in reading order: its glyphs
     *     and where the pen is for each
     */
    private static function glyphsByLetter(TextLine $line, float $tracking): array
    {
        $begins = [];
        preg_match_all('/\X/u', $line->text, $clusters, PREG_OFFSET_CAPTURE);
        foreach ($clusters[0] as [$text, $start]) {
            for ($byte = $start; $byte < $start + strlen($text); $byte++) {
                $begins[$byte] = $start;
            }
        }
        $letters = [];
        foreach ($line->shaped->pens($tracking) as $index => $pen) {
            $glyph = $line->shaped->glyphs[$index];
            $letters[$begins[$glyph->cluster] ?? $glyph->cluster][] = [$glyph, $pen];
        }
        ksort($letters);

        return $letters;
    }

    /**
     * The glyphs of one colour together, and each picture in several colours by itself.
     *
     * @return array<string, non-empty-list<array{Glyph, float}>>
     */
    private static function byColour(TextLine $line, float $tracking): array
    {
        $colours = [];
        foreach ($line->shaped->glyphs as $glyph) {
            $colours[$glyph->cluster][(string) $glyph->colour] = true;
        }
        $groups = [];
        foreach ($line->shaped->pens($tracking) as $index => $pen) {
            $glyph = $line->shaped->glyphs[$index];
            $groups[count($colours[$glyph->cluster]) > 1 ? "picture $glyph->cluster" : (string) $glyph->colour][] = [$glyph, $pen];
        }

        return $groups;
    }

    /** @param  non-empty-list<array{Glyph, float}>  $glyphs */
    private static function atom(array $glyphs, int $line, ?int $word, string $text): TextAtom
    {
        return self::part(
            $glyphs,
            min(array_map(fn (array $one): float => $one[1], $glyphs)),
            max(array_map(fn (array $one): float => $one[1] + $one[0]->advance, $glyphs)),
            $line, $word, $text,
        );
    }

    /** @param  non-empty-list<array{Glyph, float}>  $glyphs */
    private static function part(array $glyphs, float $left, float $right, int $line, ?int $word, string $text = ''): TextAtom
    {
        $drawn = array_filter($glyphs, fn (array $one): bool => ! $one[0]->outline->isEmpty());
        $colours = array_unique(array_map(fn (array $one): string => (string) $one[0]->colour, $drawn));
        // The same picture, wherever it stands, is drawn by the same paths.
        $layers = count($colours) > 1
            ? array_values(array_map(fn (array $one): array => [Outline::of($one[0]->outline), $one[0]->colour, $one[1]], $drawn))
            : [];

        return new TextAtom(
            Outline::of(Path::joined(array_map(
                fn (array $one): Path => $one[0]->outline->translated($one[1], 0), $drawn,
            ))), $left, $right, $line, $word, colour: $glyphs[0][0]->colour, layers: $layers, text: $text,
        );
    }

    /** @return array<int, int> the number of the word that each byte is in, for those that are in one */
    private static function words(string $text): array
    {
        $numbers = [];
        $word = 0;
        $isOpen = false;
        $from = 0;
        foreach (self::pieces($text) as $piece) {
            // Marks and brackets belong to the word that they touch; only spaces part words, and where there are none ICU does.
            $isSpace = preg_match('/^\s*$/u', $piece) === 1;
            $isSpaceless = preg_match('/[\p{Han}\p{Hiragana}\p{Katakana}\p{Thai}\p{Khmer}\p{Lao}\p{Myanmar}]/u', $piece) === 1;
            if (! $isSpace) {
                $word += ! $isOpen || $isSpaceless ? 1 : 0;
                $numbers += array_fill($from, strlen($piece), max(0, $word - 1));
            }
            $isOpen = ! $isSpace;
            $from += strlen($piece);
        }

        return $numbers;
    }

    /** @return list<string> words, spaces and marks, one after another, as ICU parts them */
    private static function pieces(string $text): array
    {
        $iterator = IntlBreakIterator::createWordInstance('und');
        if ($iterator === null) {
            return [$text];
        }
        $iterator->setText($text);

        return array_values(array_filter(
            iterator_to_array($iterator->getPartsIterator(), false), fn (mixed $piece): bool => is_string($piece) && $piece !== '',
        ));
    }
}
