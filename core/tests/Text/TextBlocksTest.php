<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests\Text;

use PHPUnit\Framework\TestCase;
use Ricamo\Core\Cascade\Units;
use Ricamo\Core\Kind\Text\Alignment;
use Ricamo\Core\Kind\Text\TextAtom;
use Ricamo\Core\Kind\Text\TextBlocks;
use Ricamo\Core\Kind\Text\TextContent;
use Ricamo\Core\Kind\Text\TextUnits;
use Ricamo\Core\Tests\SquareShaper;

final class TextBlocksTest extends TestCase
{
    public function test_the_same_text_is_shaped_once(): void
    {
        $shaper = new SquareShaper;
        $blocks = new TextBlocks($shaper);
        $content = new TextContent("one\ntwo");
        self::assertSame($blocks->of($content, 0), $blocks->of(new TextContent("one\ntwo"), 0));
        self::assertSame(2, $shaper->shaped);
        $blocks->of($content, 5);
        $blocks->of(new TextContent("one\ntwo", align: Alignment::Right), 0);
        self::assertSame(6, $shaper->shaped);
    }

    public function test_it_does_not_grow_without_end(): void
    {
        $shaper = new SquareShaper;
        $blocks = new TextBlocks($shaper);
        foreach (range(0, 1200) as $tracking) {
            $blocks->of(new TextContent('a'), $tracking);
        }
        $shaper->shaped = 0;
        $blocks->of(new TextContent('a'), 1200);
        self::assertSame(0, $shaper->shaped);
        $blocks->of(new TextContent('a'), 0);
        self::assertSame(1, $shaper->shaped);
    }

    public function test_tracking_goes_between_clusters_not_after_the_last(): void
    {
        $line = (new SquareShaper)->shape('abc', '');
        self::assertSame(1500.0, $line->width(0));
        self::assertSame(1700.0, $line->width(100));
        // The third square begins after two advances and two gaps.
        self::assertSame(1200.0, $line->outline(100)->coordinates[16]);
    }

    public function test_an_empty_line_has_height_but_no_outline(): void
    {
        $block = (new TextBlocks(new SquareShaper))->of(new TextContent(''), 0);
        self::assertTrue($block->lines[0]->outline->isEmpty());
        self::assertSame(100.0, $block->box(100, 120)->height());
    }

    public function test_words_reach_from_their_first_letter_to_their_last(): void
    {
        // Letters of 500, and a space between.
        $block = (new TextBlocks(new SquareShaper))->of(new TextContent('ab cde'), 0);
        $words = array_map(
            fn (TextAtom $word): array => [$word->left, $word->right, $word->word], (new TextUnits)->atoms($block, Units::Words),
        );
        self::assertEquals([[0, 1000, 0], [1500, 3000, 1]], $words);
    }
}
