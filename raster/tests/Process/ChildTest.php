<?php

namespace Ricamo\Raster\Tests\Process;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Ricamo\Raster\Process\Ffmpeg;
use Symfony\Component\Process\Process;

/** ffmpeg does not outlive who called it. */
final class ChildTest extends TestCase
{
    #[TestWith([SIGKILL])]
    #[TestWith([SIGTERM])]
    public function test_a_process_that_is_killed_takes_its_ffmpeg_along(int $signal): void
    {
        $command = [...Ffmpeg::command(), '-re', '-f', 'lavfi', '-i', 'testsrc=d=60', '-f', 'null', '-'];
        $code = 'require '.var_export(dirname(__DIR__, 3).'/vendor/autoload.php', true).';'
            .'$child = new Ricamo\Raster\Process\Child('.var_export($command, true).', []); echo $child->pid(); $child->wait();';
        $owner = new Process(['setsid', PHP_BINARY, '-d', 'ffi.enable=1', '-r', $code], timeout: 1200);
        $owner->start();
        $owner->waitUntil(fn (string $type, string $text): bool => ctype_digit($text));
        $ffmpeg = (int) $owner->getOutput();
        for ($try = 0; $try < 100 && trim((string) @file_get_contents("/proc/$ffmpeg/comm")) !== 'ffmpeg'; $try++) {
            usleep(20_000);
        }
        self::assertTrue(self::isRunning($ffmpeg));
        posix_kill((int) $owner->getPid(), $signal);
        for ($try = 0; $try < 100 && self::isRunning($ffmpeg); $try++) {
            usleep(50_000);
        }
        self::assertFalse(self::isRunning($ffmpeg), 'ffmpeg runs on without its owner');
    }

    #[TestWith(["x\n/tmp/a/b.mp4: No space left on device\nConversion failed!", 'the disk is full'])]
    #[TestWith(["[mov] first\n/tmp/a/b.mp4: Invalid data\n", 'b.mp4: Invalid data'])]
    #[TestWith(['', 'the reason is not known'])]
    public function test_reasons_hold_no_paths(string $said, string $reason): void
    {
        self::assertSame($reason, Ffmpeg::reason($said));
    }

    private static function isRunning(int $pid): bool
    {
        $status = (string) @file_get_contents("/proc/$pid/stat");

        return $status !== '' && ! preg_match('/\) Z /', $status);
    }
}
