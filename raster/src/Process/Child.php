<?php

declare(strict_types=1);

namespace Ricamo\Raster\Process;

use RuntimeException;

/** A running child process whose frames go through pipes; what it says on standard error is kept in a file. */
final class Child
{
    /** @var resource|null */
    private $process;

    /** @var resource */
    private $errors;

    private int $status = 0;

    /**
     * @param  list<string>  $command
     * @param  array<int, resource>  $descriptors  besides standard error
     *
     * @throws RuntimeException where it does not start
     */
    public function __construct(array $command, array $descriptors)
    {
        $this->errors = tmpfile() ?: throw new RuntimeException('no temporary file could be made');
        $process = proc_open(
            $command, $descriptors + [0 => ['file', '/dev/null', 'r'], 1 => ['file', '/dev/null', 'w'], 2 => $this->errors],
            $pipes,
        );
        $this->process = is_resource($process) ? $process : throw new RuntimeException("{$command[0]} could not be started");
    }

    public function pid(): int
    {
        return $this->process === null ? 0 : proc_get_status($this->process)['pid'];
    }

    /** Waits for its end. @return int the exit status */
    public function wait(): int
    {
        if ($this->process !== null) {
            $this->status = proc_close($this->process);
            $this->process = null;
        }

        return $this->status;
    }

    public function kill(): void
    {
        if ($this->process !== null) {
            proc_terminate($this->process, SIGKILL);
            $this->wait();
        }
    }

    /** Why it failed, as it wrote to standard error. */
    public function complaint(): string
    {
        rewind($this->errors);

        return Ffmpeg::reason((string) stream_get_contents($this->errors));
    }

    public function __destruct()
    {
        $this->kill();
        fclose($this->errors);
    }
}
