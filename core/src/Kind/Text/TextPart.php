<?php

declare(strict_types=1);

namespace Ricamo\Core\Kind\Text;

use Ricamo\Core\Cascade\UnitChange;

/** A part of a text as cascades have it at a moment. */
final readonly class TextPart
{
    /**
     * @param  ?UnitChange  $change  null where it rests
     * @param  int  $number  its own among all parts
     */
    public function __construct(public TextAtom $atom, public ?UnitChange $change, public int $number)
    {
    }
}
