<?php

declare(strict_types=1);

namespace App\Editing;

use Ricamo\Core\Evaluate\Glance;
use Ricamo\Core\Evaluate\Memory;

/** Keeps glances in memory that all PHP processes of the server share (APCu), until it is full or the server stops. */
final readonly class SharedMemory implements Memory
{
    /** To be raised when glances, or what they are made from, change. */
    private const PREFIX = 'glance-3 ';

    public function recall(array $keys): array
    {
        $found = $keys === [] ? [] : apcu_fetch(array_map(fn (string $key): string => self::PREFIX.$key, $keys));
        $glances = [];
        foreach (is_array($found) ? $found : [] as $key => $glance) {
            if ($glance instanceof Glance) {
                $glances[substr($key, strlen(self::PREFIX))] = $glance;
            }
        }

        return $glances;
    }

    public function keep(array $glances): void
    {
        $entries = [];
        foreach ($glances as $key => $glance) {
            $entries[self::PREFIX.$key] = $glance;
        }
        apcu_store($entries);
    }
}
