<?php

declare(strict_types=1);

namespace App\Serving;

/** How many processes can work at once on this machine. */
final class Cores
{
    private const MOST = 64;

    public static function count(): int
    {
        // Those that this process may use, which may be fewer than there are.
        $allowed = preg_match('/^Cpus_allowed:\s*([0-9a-f,]+)/mi', (string) @file_get_contents('/proc/self/status'), $found) === 1
            ? array_sum(array_map(
                fn (string $digit): int => substr_count(decbin((int) hexdec($digit)), '1'),
                str_split(str_replace(',', '', $found[1])),
            ))
            : 1;

        return max(1, min(self::MOST, $allowed));
    }
}
