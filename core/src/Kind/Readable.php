<?php

declare(strict_types=1);

namespace Ricamo\Core\Kind;

/** Content that is read. */
interface Readable
{
    public function words(): string;
}
