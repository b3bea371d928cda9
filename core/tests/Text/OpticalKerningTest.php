<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Text;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Path;
use Ricamo\Core\Text\Glyph;
use Ricamo\Core\Text\OpticalKerning;
use Ricamo\Core\Text\ShapedLine;

/**
 * With letters made of blocks, of which all gaps can be added up by hand. Blocks are of an upper half of nine bands and a lower
 * half of nine. Stems are 200 apart. Round letters are 100 apart below and 390 above: they look as far apart as two stems where
 * no gap looks wider than 300, since (100 + 300) / 2 = 200.
 */
final class OpticalKerningTest extends TestCase
{
    private const UPPER = [-710, -370];

    private const LOWER = [-350, -10];

    /** Of each letter its advance, and its blocks: from, to, and between which heights. */
    private const FONT = [
        'H' => [300, [100, 200, self::UPPER], [100, 200, self::LOWER]],
        'n' => [300, [100, 200, self::UPPER], [100, 200, self::LOWER]],
        'O' => [400, [195, 205, self::UPPER], [50, 350, self::LOWER]],
        'o' => [400, [195, 205, self::UPPER], [50, 350, self::LOWER]],
        // Above only, and below only; the third as the first with more room behind it.
        'T' => [300, [50, 250, self::UPPER]],
        'L' => [300, [50, 250, self::LOWER]],
        'P' => [500, [50, 250, self::UPPER]],
        'F' => [600, [50, 250, self::UPPER]],
        // Thin, but for a serif in its highest band that reaches far to the right, and one that reaches beyond its advance.
        'r' => [600, [50, 540, [-710, -690]], [50, 100, [-670, -370]], [50, 100, self::LOWER]],
        'f' => [600, [50, 720, [-710, -690]], [50, 100, [-670, -370]], [50, 100, self::LOWER]],
        'I' => [200, [0, 50, self::UPPER], [0, 50, self::LOWER]],
        'ш' => [300, [100, 200, self::UPPER], [100, 200, self::LOWER]],
        '日' => [300, [0, 300, self::UPPER], [0, 300, self::LOWER]],
        ' ' => [250],
    ];

    private static function line(string $text): ShapedLine
    {
        $glyphs = [];
        $cluster = 0;
        foreach (mb_str_split($text) as $letter) {
            $blocks = self::FONT[$letter];
            $advance = array_shift($blocks);
            $outlines = array_map(
                fn (array $block): Path => Path::rectangle(new Box($block[0], $block[2][0], $block[1], $block[2][1])),
                $blocks,
            );
            $glyphs[] = new Glyph(Path::joined($outlines), $advance, $cluster);
            $cluster += strlen($letter);
        }

        return new ShapedLine($glyphs, 700, 200);
    }

    /** @return list<float> by how much each letter but the last comes to lie farther from the next, less than nought for nearer */
    private static function moved(ShapedLine $line, string $text, ?callable $style = null): array
    {
        $kerned = OpticalKerning::of(
            $line, $text, fn (string $pair): ShapedLine => self::line($pair),
            $style ?? fn (Glyph $glyph): array => ['blocks', 72.0, 0.0],
        );
        self::assertSame(
            [$line->ascent, $line->descent, count($line->glyphs)],
            [$kerned->ascent, $kerned->descent, count($kerned->glyphs)],
        );
        $by = array_map(fn (Glyph $now, Glyph $was): float => $now->advance - $was->advance, $kerned->glyphs, $line->glyphs);
        self::assertSame(0.0, array_pop($by));

        return $by;
    }

    /** @return iterable<string, array{string, list<float>}> */
    public static function pairs(): iterable
    {
        yield 'stems stay' => ['HH', [0]];
        yield 'round ones stay' => ['oO', [0]];
        // 295 apart above, 150 below: (295 + 150) / 2 - 22.5 = 200.
        yield 'a stem and a round one' => ['HO', [-22.5]];
        // Each counts to where the other comes nearest: 300 - 250 + 50 = 100, and they would have to be 100 farther.
        yield 'no farther than 40' => ['TL', [40]];
        // 500 - 250 + 50 = 300.
        yield 'into a corner' => ['PL', [-100]];
        // 400, and 200 nearer would be too near.
        yield 'no nearer than 130' => ['FL', [-130]];
        // The serif is 60 away from it, 550 the rest: nearer than 24 the serif does not come.
        yield 'not into a serif' => ['rI', [-36]];
        // The serif lies 120 beyond where the next begins, which 40 would not mend.
        yield 'not at all where they overlap anyway' => ['fI', [0]];
        yield 'each by itself' => ['HOH', [-22.5, -22.5]];
        yield 'Cyrillic as Latin' => ['Hшo', [0, -22.5]];
        yield 'what is no letter' => ['H日H', [0, 0]];
        yield 'what is empty' => ['L P', [0, 0]];
        yield 'one alone' => ['O', []];
    }

    /** @param  list<float>  $expected */
    #[DataProvider('pairs')]
    public function test_letters_are_moved_until_the_mean_of_their_gaps_is_that_of_stems(string $text, array $expected): void
    {
        self::assertEqualsWithDelta($expected, self::moved(self::line($text), $text), 0.051);
    }

    public function test_only_letters_of_one_style_and_of_clusters_of_their_own_are_moved(): void
    {
        $line = self::line('PL');
        self::assertSame([0.0], self::moved($line, 'PL', fn (Glyph $glyph): array => ['blocks', $glyph->cluster === 0 ? 72.0 : 71.0, 0.0]));
        $joined = new ShapedLine([$line->glyphs[0], new Glyph($line->glyphs[1]->outline, 300, 0)], 700, 200);
        self::assertSame([0.0], self::moved($joined, 'PL'));
    }
}
