<?php

declare(strict_types=1);

/**
 * How many tests passed and failed, as a test runner's own report has it on standard input: php tools/counts.php
 * phpunit|vitest|playwright
 */
$report = (string) stream_get_contents(STDIN);
$last = function (string $pattern) use ($report): int {
    preg_match_all($pattern, $report, $found);

    return (int) end($found[1]);
};
[$passed, $failed] = match ($argv[1] ?? '') {
    // "Tests:" counts those that failed and those that were skipped as well.
    'phpunit' => (function () use ($last): array {
        $failed = $last('/^Tests:.*\bErrors: (\d+)/m') + $last('/^Tests:.*\bFailures: (\d+)/m');

        return [
            $last('/^OK \((\d+) test/m') ?: max(
                0, $last('/^(?:OK, .*\n)?Tests: (\d+)/m') - $failed - $last('/^Tests:.*\bSkipped: (\d+)/m'),
            ),
            $failed,
        ];
    })(),
    'vitest' => [$last('/^\s*Tests\s.*?(\d+) passed/m'), $last('/^\s*Tests\s.*?(\d+) failed/m')],
    // What passed when it was tried again is listed apart.
    'playwright' => [
        $last('/^\s*(\d+) passed/m') + $last('/^\s*(\d+) flaky/m'),
        $last('/^\s*(\d+) failed/m') + $last('/^\s*(\d+) did not run/m'),
    ],
    default => exit(2),
};
echo "$passed $failed\n";
