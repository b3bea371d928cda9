<?php

declare(strict_types=1);

namespace Ricamo\Core\Document;

use Ricamo\Core\Property\Attached;

/** An id that nothing of a layer has, or that nothing has had lately: a letter, and the next number. */
final class FreeId
{
    /** @param  list<Attached>  $taken */
    public static function of(string $letter, array $taken): string
    {
        return $letter.(1 + max([0, ...array_map(fn (Attached $one): int => (int) substr($one->id(), 1), $taken)]));
    }
}
