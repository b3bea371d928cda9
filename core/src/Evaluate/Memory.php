<?php

declare(strict_types=1);

namespace Ricamo\Core\Evaluate;

/** Keeps what layers came to on frames from one evaluation to the next. It may forget anything at any time. */
interface Memory
{
    /**
     * @param  list<string>  $keys
     * @return array<string, Glance> those that are remembered, by key
     */
    public function recall(array $keys): array;

    /** @param  array<string, Glance>  $glances  by key */
    public function keep(array $glances): void;
}
