<?php

declare(strict_types=1);

namespace Ricamo\Raster\Native;

use FFI;

/** Pipes whose bytes go straight to and from memory that Cairo owns, without passing through PHP strings. */
final class Libc
{
    public const CLOSE_ON_EXEC = 0o2000000;

    /** fcntl's F_SETPIPE_SZ on Linux. */
    public const SET_PIPE_SIZE = 1031;

    private const DECLARATIONS = <<<'C'
        int pipe2(int ends[2], int flags);
        int fcntl(int descriptor, int command, ...);
        ssize_t read(int descriptor, void *buffer, size_t count);
        ssize_t write(int descriptor, const void *buffer, size_t count);
        int close(int descriptor);
        void *memset(void *target, int byte, size_t count);
        void *memcpy(void *target, const void *source, size_t count);
        C;

    private static ?FFI $library = null;

    public static function library(): FFI
    {
        return self::$library ??= FFI::cdef(self::DECLARATIONS, 'libc.so.6');
    }
}
