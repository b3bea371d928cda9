<?php

declare(strict_types=1);

namespace Ricamo\Raster\Process;

use RuntimeException;

/**
 * A sign that work goes on, given by a process beside it, so that one frame may take as long as it takes: it touches a
 * file every second until the worker ends it, or ends itself.
 */
final class Heartbeat
{
    private const BEAT = 'while kill -0 "$1" 2>/dev/null && [ -d "${2%/*}" ]; do touch "$2"; sleep 1; done';

    /** @var resource|null */
    private $process;

    /** @throws RuntimeException where no process can be started */
    public function __construct(private readonly string $file)
    {
        $process = proc_open(
            ['setsid', 'setpriv', '--pdeathsig', 'KILL', 'sh', '-c', self::BEAT, 'sh', (string) getmypid(), $file],
            [['file', '/dev/null', 'r'], ['file', '/dev/null', 'w'], ['file', '/dev/null', 'w']], $pipes,
        );
        $this->process = is_resource($process) ? $process : throw new RuntimeException('no process could be started');
        @touch($file);
    }

    /** When the last sign was given, in seconds of the Unix clock; null where there is none. */
    public static function last(string $file): ?int
    {
        clearstatcache(true, $file);

        return @filemtime($file) ?: null;
    }

    public function stop(): void
    {
        if ($this->process !== null) {
            proc_terminate($this->process, SIGKILL);
            proc_close($this->process);
            $this->process = null;
        }
    }

    public function __destruct()
    {
        $this->stop();
    }
}
