<?php

namespace Ricamo\Core\Kind;

/** Content that is read. */
interface Readable
{
    public function words(): string;
}
