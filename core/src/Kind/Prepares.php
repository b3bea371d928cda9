<?php

declare(strict_types=1);

namespace Ricamo\Core\Kind;

use Ricamo\Core\Document\Layer;

/** An artist of whose simplest layers most is known before any frame. */
interface Prepares
{
    /** @return ?Prepared null where there is more to a layer */
    public function prepared(Layer $layer): ?Prepared;
}
