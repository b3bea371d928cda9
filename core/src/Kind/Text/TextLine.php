<?php

declare(strict_types=1);

namespace Ricamo\Core\Kind\Text;

use Ricamo\Core\Display\Outline;
use Ricamo\Core\Text\ShapedLine;

/** One line of a text block, in thousandths of an em. */
final readonly class TextLine
{
    private function __construct(
        public Outline $outline,
        public float $offset,
        public float $width,
        public float $ascent,
        public float $descent,
        public ShapedLine $shaped,
        public string $text,
    ) {
    }

    public static function of(string $text, ShapedLine $line, Alignment $align, float $tracking): self
    {
        $width = $line->width($tracking);

        return new self(
            Outline::of($line->outline($tracking)), $align->offset($width), $width, $line->ascent, $line->descent, $line, $text,
        );
    }
}
