<?php

declare(strict_types=1);

namespace App\Work;

use Illuminate\Support\Sleep;
use Throwable;

/** Work that takes minutes does not fail because the database was busy for some seconds. */
final class Patience
{
    private const TRIES = 30;

    /**
     * @template T
     *
     * @param  callable(): T  $write
     * @return T
     */
    public static function with(callable $write): mixed
    {
        for ($try = 1; ; $try++) {
            try {
                return $write();
            } catch (Throwable $reason) {
                if ($try === self::TRIES || ! Problem::isDatabaseBusy($reason)) {
                    throw $reason;
                }
                Sleep::for(500)->milliseconds();
            }
        }
    }

    /** What matters for showing only is left out where the database is busy. @param  callable(): mixed  $write */
    public static function without(callable $write): void
    {
        try {
            $write();
        } catch (Throwable $reason) {
            if (! Problem::isDatabaseBusy($reason)) {
                throw $reason;
            }
        }
    }
}
