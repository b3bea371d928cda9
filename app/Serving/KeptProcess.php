<?php

declare(strict_types=1);

namespace App\Serving;

use Symfony\Component\Process\InputStream;
use Symfony\Component\Process\Process;

/**
 * A process that the supervisor keeps going. It leads a group of its own, so that nothing of it is left when it is gone,
 * and is told to end by the system when the supervisor itself is killed. It is held back until it is let go: what it does, and
 * the port that it takes, begins only when its group has been written down.
 */
final class KeptProcess
{
    private const TIED = ['setsid', 'setpriv', '--pdeathsig', 'TERM'];

    /** Becomes its command as soon as a line comes, and ends where none will come. */
    private const HELD = ['sh', '-c', 'read -r go && exec "$@"', 'held'];

    private ?Process $process = null;

    private ?InputStream $hold = null;

    private int $group = 0;

    private float $startedAt = 0;

    /**
     * @param  list<string>  $command
     * @param  ?string  $queue  what it works on, where it is a queue's worker
     */
    public function __construct(public readonly string $name, private readonly array $command, public readonly ?string $queue = null)
    {
    }

    /** @param  callable(string): void  $report  is given what it writes to standard error */
    public function start(callable $report): void
    {
        $this->hold = new InputStream;
        $this->process = new Process([...self::TIED, ...self::HELD, ...$this->command], base_path(), input: $this->hold, timeout: null);
        $this->process->disableOutput();
        $this->process->start(fn (string $type, string $text) => $type === Process::ERR ? $report($text) : null);
        $this->group = (int) $this->process->getPid();
        $this->startedAt = microtime(true);
    }

    public function letGo(): void
    {
        $this->hold?->write("\n");
        $this->hold?->close();
        // What is to be written is written when it is looked after.
        $this->process?->isRunning();
    }

    /** The id of its process group; nought where it has none. */
    public function group(): int
    {
        return $this->group;
    }

    public function hasStarted(): bool
    {
        return $this->process !== null;
    }

    public function isRunning(): bool
    {
        return $this->process?->isRunning() ?? false;
    }

    /** How many seconds ago it was started. */
    public function age(): float
    {
        return microtime(true) - $this->startedAt;
    }

    /** Asks it, and not what it has started itself, to end in good order. */
    public function ask(): void
    {
        if ($this->isRunning()) {
            posix_kill($this->group, SIGTERM);
        }
    }

    /** Ends what is left of it. */
    public function kill(): void
    {
        if ($this->group > 0) {
            posix_kill(-$this->group, SIGKILL);
            $this->group = 0;
        }
    }
}
