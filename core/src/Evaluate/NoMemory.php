<?php

declare(strict_types=1);

namespace Ricamo\Core\Evaluate;

/** For what is evaluated once. */
final readonly class NoMemory implements Memory
{
    public function recall(array $keys): array
    {
        return [];
    }

    public function keep(array $glances): void
    {
    }
}
