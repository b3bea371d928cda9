<?php

declare(strict_types=1);

namespace App\Work;

use Illuminate\Support\Facades\File;
use RuntimeException;

/**
 * What one process is at, so that no other begins it as well: a lock on a file, which the system takes back at the very
 * moment the process ends, however it ends.
 */
final class Claim
{
    /** After how many seconds work that another process is at is looked at again: it may have been killed. */
    public const AGAIN = 1;

    /** How often work may be begun without an end before it is given up: it may be what ends its workers. */
    public const MOST_BEGUN = 25;

    /** @param  resource  $file */
    private function __construct(private readonly string $path, private $file)
    {
    }

    /**
     * @return ?self null where another process has it
     *
     * @throws RuntimeException where the disk is full
     */
    public static function take(string $name): ?self
    {
        $path = self::folder().'/'.preg_replace('/[^A-Za-z0-9_-]/', '', $name);
        File::ensureDirectoryExists(self::folder());
        while (true) {
            // Closed in every program that is started meanwhile, which would hold the lock else.
            $file = @fopen($path, 'ce') ?: throw new RuntimeException('the disk is full');
            if (! flock($file, LOCK_EX | LOCK_NB)) {
                fclose($file);

                return null;
            }
            clearstatcache(true, $path);
            // Whoever had it before may have removed the file while this one waited at it.
            if (fstat($file)['ino'] === (int) @fileinode($path)) {
                return new self($path, $file);
            }
            fclose($file);
        }
    }

    public static function isFree(string $name): bool
    {
        $claim = self::take($name);
        $claim?->release();

        return $claim !== null;
    }

    public function release(): void
    {
        if (is_resource($this->file)) {
            @unlink($this->path);
            fclose($this->file);
        }
    }

    private static function folder(): string
    {
        return config('ricamo.uploads').'.claims';
    }
}
