<?php

namespace App\Editing;

use RuntimeException;

/** An edit made on a revision that is no longer the latest. */
final class StaleRevision extends RuntimeException
{
    public function __construct(public readonly int $compositionId, public readonly int $known, public readonly int $latest)
    {
        parent::__construct('The composition was changed elsewhere in the meantime.');
    }
}
