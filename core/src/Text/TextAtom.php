<?php

namespace Ricamo\Core\Text;

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
     */
    public function __construct(public Outline $outline, public float $left, public float $right, public int $line, public ?int $word, public float $shift = 0.0, public ?Colour $colour = null)
    {
    }
}
