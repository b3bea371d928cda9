<?php

declare(strict_types=1);

namespace Ricamo\Raster\Tests\Render;

use PHPUnit\Framework\TestCase;
use Ricamo\Raster\Render\PictureZip;
use Ricamo\Raster\Tests\SmallDisk;
use Symfony\Component\Process\Process;
use ZipArchive;

final class PictureZipTest extends TestCase
{
    private string $folder;

    protected function setUp(): void
    {
        $this->folder = sys_get_temp_dir().'/ricamo-zip-'.bin2hex(random_bytes(4));
        mkdir($this->folder);
    }

    protected function tearDown(): void
    {
        (new Process(['rm', '-r', $this->folder]))->run();
    }

    private function pictures(int $count, int $bytes): void
    {
        for ($at = 0; $at < $count; $at++) {
            file_put_contents(sprintf('%s/%06d.png', $this->folder, $at), random_bytes($bytes));
        }
    }

    public function test_they_are_packed_as_they_are(): void
    {
        $this->pictures(3, 1000);
        self::assertNull(PictureZip::of($this->folder, "$this->folder/all.zip", 3, null));
        $zip = new ZipArchive;
        $zip->open("$this->folder/all.zip");
        self::assertSame(file_get_contents("$this->folder/000001.png"), $zip->getFromName('000001.png'));
        self::assertSame('it came out with 3 pictures instead of 4', PictureZip::of($this->folder, "$this->folder/all.zip", 4, null));
    }

    public function test_a_full_disk_is_said_though_what_was_half_written_is_gone_again(): void
    {
        $this->pictures(10, 400_000);
        $disk = new SmallDisk(3_000);
        self::assertSame('the disk is full', PictureZip::of($this->folder, "$disk->folder/all.zip", 10, null));
    }
}
