<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** The line of counts that ends a run of all tests says what the test runners said. */
final class CountsTest extends TestCase
{
    /** @return iterable<string, array{string, string, string}> */
    public static function reports(): iterable
    {
        yield 'PHPUnit, all well' => ['phpunit', "...\n\nOK (52 tests, 27513 assertions)\n", '52 0'];
        yield 'PHPUnit, what failed is not passed' => [
            'phpunit', "FAILURES!\nTests: 47, Assertions: 439, Errors: 2, Failures: 3.\n", '42 5',
        ];
        yield 'PHPUnit, skipped' => ['phpunit', "OK, but some tests were skipped!\nTests: 26, Assertions: 215, Skipped: 1.\n", '25 0'];
        yield 'PHPUnit, words like those of a report' => [
            'phpunit', "1) The message was Failures: 9\n\nFAILURES!\nTests: 4, Assertions: 5, Failures: 1.\n", '3 1',
        ];
        yield 'PHPUnit, dead' => ['phpunit', "PHP Fatal error:  Allowed memory size exhausted\n", '0 0'];
        yield 'Vitest' => ['vitest', " Test Files  1 failed | 11 passed (12)\n      Tests  2 failed | 102 passed (104)\n", '102 2'];
        yield 'Vitest, all well' => ['vitest', " Test Files  12 passed (12)\n      Tests  104 passed (104)\n", '104 0'];
        yield 'Playwright' => [
            'playwright',
            "  2 failed\n    [x] › a.spec.ts:3:1 › one\n  1 flaky\n    [x] › b.spec.ts\n  73 did not run\n  150 passed (12.3m)\n",
            '151 75',
        ];
    }

    #[DataProvider('reports')]
    public function test_what_failed_is_not_counted_as_passed(string $runner, string $report, string $counts): void
    {
        $process = new Process([PHP_BINARY, dirname(__DIR__, 2).'/tools/counts.php', $runner], input: $report, timeout: null);
        self::assertSame("$counts\n", $process->mustRun()->getOutput());
    }
}
