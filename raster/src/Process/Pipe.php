<?php

declare(strict_types=1);

namespace Ricamo\Raster\Process;

use FFI\CData;
use Ricamo\Raster\Native\Libc;
use RuntimeException;

/** A pipe between this process and a child, with room for a megabyte, read and written without PHP strings. */
final class Pipe
{
    private const ROOM = 1 << 20;

    private int $readEnd;

    private int $writeEnd;

    /** @throws RuntimeException where none can be opened */
    public function __construct()
    {
        $libc = Libc::library();
        $ends = $libc->new('int[2]');
        if ($libc->pipe2($ends, Libc::CLOSE_ON_EXEC) !== 0) {
            throw new RuntimeException('no pipe could be opened');
        }
        [$this->readEnd, $this->writeEnd] = [$ends[0], $ends[1]];
        // Less room than asked for (a system limit) costs speed only.
        $libc->fcntl($this->readEnd, Libc::SET_PIPE_SIZE, self::ROOM);
    }

    /** @return resource the end that the child reads from, to be closed once the child has it */
    public function forChildToRead()
    {
        return $this->stream($this->readEnd, 'r');
    }

    /** @return resource the end that the child writes to, to be closed once the child has it */
    public function forChildToWrite()
    {
        return $this->stream($this->writeEnd, 'w');
    }

    public function closeReadEnd(): void
    {
        $this->close($this->readEnd);
    }

    public function closeWriteEnd(): void
    {
        $this->close($this->writeEnd);
    }

    /** @return bool false when the other side ended before all $bytes came */
    public function read(CData $target, int $bytes): bool
    {
        $libc = Libc::library();
        for ($done = 0; $done < $bytes; $done += $count) {
            $count = $libc->read($this->readEnd, $target + $done, $bytes - $done);
            if ($count <= 0) {
                return false;
            }
        }

        return true;
    }

    /** @return bool false when the other side no longer reads */
    public function write(CData $source, int $bytes): bool
    {
        $libc = Libc::library();
        for ($done = 0; $done < $bytes; $done += $count) {
            $count = $libc->write($this->writeEnd, $source + $done, $bytes - $done);
            if ($count <= 0) {
                return false;
            }
        }

        return true;
    }

    /** @return resource */
    private function stream(int $descriptor, string $mode)
    {
        return fopen("php://fd/$descriptor", $mode) ?: throw new RuntimeException('a pipe could not be handed to a process');
    }

    private function close(int &$descriptor): void
    {
        if ($descriptor >= 0) {
            Libc::library()->close($descriptor);
            $descriptor = -1;
        }
    }

    public function __destruct()
    {
        $this->closeReadEnd();
        $this->closeWriteEnd();
    }
}
