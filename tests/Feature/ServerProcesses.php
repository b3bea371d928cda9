<?php

declare(strict_types=1);

namespace Tests\Feature;

/** The processes of a server that a test has started, told from those of other servers by its port and its folder. */
trait ServerProcesses
{
    /** @return list<int> those whose command line holds this, apart from the supervisor; the eldest first */
    private function processes(string $title, int $port): array
    {
        $lines = [];
        $parents = [];
        $own = [];
        foreach (glob('/proc/[0-9]*/cmdline') ?: [] as $file) {
            $pid = (int) basename(dirname($file));
            $line = trim(str_replace("\0", ' ', (string) @file_get_contents($file)));
            $lines[$pid] = $line;
            $parents[$pid] = preg_match('/\) \S (\d+)/', (string) @file_get_contents("/proc/$pid/stat"), $found) === 1
                ? (int) $found[1]
                : 0;
            $own[$pid] = str_contains($line, "/server-$port/") || str_contains($line, "ricamo-$port")
                || str_contains((string) @file_get_contents("/proc/$pid/environ"), "DB_DATABASE=$this->folder/");
        }
        $found = array_filter(
            array_keys($lines),
            fn (int $pid): bool => $lines[$pid] !== '' && str_contains($lines[$pid], $title) && ! str_contains($lines[$pid], 'ricamo:serve')
                && ($own[$pid] || ($own[$parents[$pid]] ?? false)),
        );
        sort($found);

        return $found;
    }
}
