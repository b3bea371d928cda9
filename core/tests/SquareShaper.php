<?php

declare(strict_types=1);

namespace Ricamo\Core\Tests;

use Ricamo\Core\Geometry\Box;
use Ricamo\Core\Geometry\Path;
use Ricamo\Core\Text\Glyph;
use Ricamo\Core\Text\Language;
use Ricamo\Core\Text\ShapedLine;
use Ricamo\Core\Text\Shaper;

/**
 * A font whose every glyph is a square of half an em on a line one em high, digits the higher the more they are; a space is as
 * wide and empty. The heavier, the wider; half as wide again in a face that is called wide.
 */
final class SquareShaper implements Shaper
{
    public const WIDE = 'wide-bold';

    public int $shaped = 0;

    public function shape(
        string $line, string $font, array $features = [], array $axes = [], array $spans = [], bool $down = false,
    ): ShapedLine {
        $this->shaped++;
        $glyphs = [];
        foreach (mb_str_split($line) as $index => $character) {
            $glyphs[] = new Glyph(
                $character === ' '
                    ? new Path('', [])
                    : Path::rectangle(new Box(0, ctype_digit($character) ? -500 - 10 * (int) $character : -500, $axes['wght'] ?? 400, 0)),
                (100 + ($axes['wght'] ?? 400)) * ($font === self::WIDE ? 1.5 : 1),
                $index,
            );
        }

        return new ShapedLine($glyphs, 800, 200);
    }

    public function weight(string $font): float
    {
        return 400;
    }

    /** Every word may be parted in its middle. */
    public function hyphens(string $line, Language $language): array
    {
        preg_match_all('/\w{4,}/', $line, $words, PREG_OFFSET_CAPTURE);

        return array_map(fn (array $word): int => $word[1] + intdiv(strlen($word[0]), 2), $words[0]);
    }
}
