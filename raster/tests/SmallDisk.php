<?php

declare(strict_types=1);

namespace Ricamo\Raster\Tests;

use PHPUnit\Framework\Assert;
use Symfony\Component\Process\Process;

/** A folder on a disk of its own that is soon full: a tmpfs, where the system allows one to be mounted. */
final class SmallDisk
{
    public readonly string $folder;

    public function __construct(int $kilobytes)
    {
        $this->folder = sys_get_temp_dir().'/ricamo-disk-'.bin2hex(random_bytes(4));
        mkdir($this->folder);
        if ((new Process(['mount', '-t', 'tmpfs', '-o', "size={$kilobytes}k", 'tmpfs', $this->folder]))->run() !== 0) {
            rmdir($this->folder);
            Assert::markTestSkipped('no tmpfs can be mounted here');
        }
    }

    /** @return list<string> the names of what lies on it */
    public function names(): array
    {
        return array_map(basename(...), glob("$this->folder/*") ?: []);
    }

    public function __destruct()
    {
        if (isset($this->folder) && is_dir($this->folder)) {
            (new Process(['umount', '-l', $this->folder]))->run();
            @rmdir($this->folder);
        }
    }
}
