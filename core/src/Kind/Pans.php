<?php

declare(strict_types=1);

namespace Ricamo\Core\Kind;

/** Content in which what is seen can be moved by its layer's property `pan`. */
interface Pans
{
    /** Whether anything is seen in it that could be. */
    public function showsAnything(): bool;
}
