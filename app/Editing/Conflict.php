<?php

declare(strict_types=1);

namespace App\Editing;

use RuntimeException;

/** An edit made on an older state, which touches what was changed since, or needs what is gone. */
final class Conflict extends RuntimeException
{
    /** @param  int  $known  the revision that the edit was made on */
    public function __construct(public readonly int $compositionId, public readonly int $known)
    {
        parent::__construct('The same was changed elsewhere in the meantime. Nothing was changed by this.');
    }
}
