<?php

declare(strict_types=1);

namespace Ricamo\Core\Kind\Text;

use Ricamo\Core\Colour\Colour;
use Ricamo\Core\Display\Outline;

/** A part of a text that moves as one, in thousandths of an em from the beginning of its line. */
final readonly class TextAtom
{
    /**
     * @param  int  $line  the number of its line
     * @param  ?int  $word  the number of its word in the whole text; null for what stands between words
     * @param  float  $shift  how far to the right of where it was set it is drawn
     * @param  ?Colour  $colour  of its own, where it has not that of all words
     * @param  string  $text  what is written, where it is a letter or a word
     * @param  list<array{Outline, ?Colour, float}>  $layers  of a picture in several colours, the lowest first, each with the
     *     place of the pen
     */
    public function __construct(
        public Outline $outline,
        public float $left,
        public float $right,
        public int $line,
        public ?int $word,
        public float $shift = 0.0,
        public ?Colour $colour = null,
        public array $layers = [],
        public string $text = '',
    ) {
    }

    /** @return list<array{Outline, ?Colour, float}> what is filled, with its own colour, where it has one, and so far to the right */
    public function painted(): array
    {
        return $this->layers === [] ? [[$this->outline, $this->colour, 0.0]] : $this->layers;
    }
}
