<?php

declare(strict_types=1);

namespace Ricamo\Core\Text;

use Ricamo\Core\Colour\Colour;
use Ricamo\Core\Geometry\Path;

/**
 * One glyph of a shaped line. A picture in several colours is several of one cluster, the lowest first, of which only the
 * last has an advance. In thousandths of an em, y down, from the pen's place on the baseline.
 */
final readonly class Glyph
{
    /**
     * @param  Path  $outline  already at the glyph's offset
     * @param  int  $cluster  the byte in the line at which the characters that it stands for begin
     * @param  ?Colour  $colour  of its own, where it has not that of all words
     */
    public function __construct(public Path $outline, public float $advance, public int $cluster, public ?Colour $colour = null)
    {
    }
}
