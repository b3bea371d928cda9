<?php

declare(strict_types=1);

namespace Ricamo\Core\Kind;

/** A kind of layer whose layers are drawn: every one that there is. */
interface DrawnKind
{
    public function artist(Materials $materials): Artist;
}
