<?php

declare(strict_types=1);

namespace App\Work;

use Closure;

/** Whether this worker has been asked to end. What it is at is then put down in good order, and taken up again later. */
final class StopSignal
{
    private static bool $asked = false;

    private static bool $listening = false;

    /** Listens besides whoever listens already, such as the queue's worker, which ends after the job it is at. */
    public static function listen(): void
    {
        if (self::$listening || ! function_exists('pcntl_signal')) {
            return;
        }
        self::$listening = true;
        pcntl_async_signals(true);
        foreach ([SIGTERM, SIGINT, SIGHUP] as $signal) {
            $before = pcntl_signal_get_handler($signal);
            // Where nobody listens, a signal ends the process as it always does.
            if ($before instanceof Closure) {
                pcntl_signal($signal, function (int $number, mixed $info) use ($before): void {
                    self::$asked = true;
                    $before($number, $info);
                });
            }
        }
    }

    public static function asked(): bool
    {
        return self::$asked;
    }

    /** @throws WorkStopped */
    public static function heed(): void
    {
        if (self::$asked) {
            throw new WorkStopped('the worker was asked to end');
        }
    }
}
