<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Work\Claim;
use App\Work\StopSignal;
use Illuminate\Foundation\Queue\Queueable;
use RuntimeException;
use Throwable;

/**
 * A job on one thing, which no two workers are at together. Where its worker is killed the same job is simply done again;
 * where another one is at it, it waits for what becomes of that.
 *
 * @phpstan-require-implements \Illuminate\Contracts\Queue\ShouldQueue
 */
trait WorksOnClaim
{
    use Queueable;

    /** As often as its workers are killed; what fails by itself fails at once. */
    public int $tries = 0;

    public bool $failOnTimeout = true;

    abstract private function again(): self;

    abstract private function begin(): int;

    /** @param  callable(): void  $work */
    private function claimed(string $name, callable $work): void
    {
        StopSignal::listen();
        $claim = Claim::take($name);
        if ($claim === null) {
            dispatch($this->again()->onQueue($this->queue)->delay(Claim::AGAIN));

            return;
        }
        try {
            if ($this->begin() > Claim::MOST_BEGUN) {
                throw new RuntimeException('the worker was ended from outside each time it was at it');
            }
            $work();
        } catch (Throwable $reason) {
            $this->job === null ? $this->failed($reason) : $this->fail($reason);
        } finally {
            $claim->release();
        }
    }
}
