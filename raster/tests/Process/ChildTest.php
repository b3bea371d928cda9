<?php

declare(strict_types=1);

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
        for ($try = 0; $try < 20_000 && trim((string) @file_get_contents("/proc/$ffmpeg/comm")) !== 'ffmpeg'; $try++) {
            usleep(20_000);
        }
        self::assertTrue(self::isRunning($ffmpeg));
        posix_kill((int) $owner->getPid(), $signal);
        for ($try = 0; $try < 20_000 && self::isRunning($ffmpeg); $try++) {
            usleep(50_000);
        }
        self::assertFalse(self::isRunning($ffmpeg), 'ffmpeg runs on without its owner');
    }

    #[TestWith(["x\n/tmp/a/b.mp4: No space left on device\nConversion failed!", 'the disk is full'])]
    #[TestWith(["[mov] first\n/tmp/a/b.mp4: Is a directory\n", 'b.mp4: Is a directory'])]
    #[TestWith([
        "[mov,mp4,m4a,3gp,3g2,mj2 @ 0x5581d0c0e2c0] moov atom not found\n/tmp/a/b.mp4: Invalid data found when processing input\n",
        'the file is damaged or not complete',
    ])]
    #[TestWith(["[vp9 @ 0x5581d0c0e2c0] [tile @ 0x7f81d0c0e2c0] Not all references are available\n", 'Not all references are available'])]
    #[TestWith(["/srv/a.mkv.4711.part: Permission denied\n", 'Permission denied'])]
    #[TestWith(["x: Cannot allocate memory\n", 'there is not enough memory for it'])]
    #[TestWith(['', 'the program at work on it was ended from outside'])]
    public function test_reasons_hold_nothing_of_the_inside(string $said, string $reason): void
    {
        self::assertSame($reason, Ffmpeg::reason($said));
    }

    private static function isRunning(int $pid): bool
    {
        $status = (string) @file_get_contents("/proc/$pid/stat");

        return $status !== '' && ! preg_match('/\) Z /', $status);
    }
}
