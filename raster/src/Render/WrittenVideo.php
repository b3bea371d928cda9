<?php

declare(strict_types=1);

namespace Ricamo\Raster\Render;

use Ricamo\Core\Refusal;
use Ricamo\Raster\Process\Ffmpeg;

/** A video file that was written here, looked at again before it counts: an encoder that ended well may still have had no room. */
final class WrittenVideo
{
    private const SECONDS = 300;

    /** What is left of a disk that counts as full, in bytes. */
    private const FULL = 1 << 20;

    /** @return ?string what is wrong with it; null where all its frames are there */
    public static function problem(string $file, int $frames): ?string
    {
        try {
            $counted = (int) Ffmpeg::probe(
                ['-select_streams', 'v:0', '-count_packets', '-show_entries', 'stream=nb_read_packets', '-of', 'csv=p=0'],
                $file, self::SECONDS,
            );
        } catch (Refusal $refusal) {
            return self::because($file, $refusal->getMessage());
        }

        return $counted === $frames ? null : self::because($file, "it came out with $counted frames instead of $frames");
    }

    /**
     * The same for one whose index stands before its pictures, so that frames are counted which may not be there: its
     * end is decoded, too.
     */
    public static function problemWithIndexFirst(string $file, int $frames): ?string
    {
        $problem = self::problem($file, $frames);
        if ($problem !== null) {
            return $problem;
        }
        try {
            Ffmpeg::run([...Ffmpeg::command(), '-xerror', '-sseof', '-1', '-i', $file, '-f', 'null', '-'], self::SECONDS);
        } catch (Refusal $refusal) {
            return self::because($file, $refusal->getMessage());
        }

        return null;
    }

    /** The reason, or that the disk is full where that is what is behind it. */
    public static function because(string $file, string $reason): string
    {
        $free = @disk_free_space(dirname($file));

        return $free !== false && $free < self::FULL ? 'the disk is full' : $reason;
    }

    /** Removes what processes that are no longer there left beside a file: `FILE.PID.part`. */
    public static function sweep(string $file): void
    {
        foreach (glob(addcslashes($file, '*?[\\').'.*.part') ?: [] as $left) {
            if (preg_match('/\.(\d+)(?:\.[a-z]+)?\.part$/', $left, $found) === 1 && ! file_exists("/proc/$found[1]")) {
                is_dir($left) ? self::removeFolder($left) : @unlink($left);
            }
        }
    }

    /** Removes a folder of files, where it is there. */
    public static function removeFolder(string $folder): void
    {
        if (is_dir($folder)) {
            array_map(unlink(...), glob(addcslashes($folder, '*?[\\').'/*') ?: []);
            @rmdir($folder);
        }
    }
}
