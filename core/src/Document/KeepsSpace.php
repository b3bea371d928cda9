<?php

declare(strict_types=1);

namespace Ricamo\Core\Document;

/** The content of a layer that holds others, which may keep their depth rather than be seen as one flat picture. */
interface KeepsSpace
{
    public function keepsSpace(): bool;
}
