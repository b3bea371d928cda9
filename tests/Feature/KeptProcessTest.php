<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Serving\KeptProcess;
use Symfony\Component\Process\Process;
use Tests\TestCase;

final class KeptProcessTest extends TestCase
{
    public function test_it_begins_when_it_is_let_go_and_not_before(): void
    {
        $child = new KeptProcess('child', ['touch', "$this->folder/begun"]);
        $child->start(fn (string $text) => null);
        // Far longer than it would take: what is held begins never, however long this is.
        usleep(300_000);
        self::assertTrue($child->isRunning());
        self::assertFileDoesNotExist("$this->folder/begun");
        $child->letGo();
        $this->waitUntil(fn (): bool => ! $child->isRunning());
        self::assertFileExists("$this->folder/begun");
    }

    /** Nobody has written its group down yet, so nobody could end it later. */
    public function test_what_is_still_held_ends_with_a_supervisor_that_is_killed(): void
    {
        $supervisor = new Process([PHP_BINARY, '-r', <<<'PHP'
            require $argv[1].'/vendor/autoload.php';
            (require $argv[1].'/bootstrap/app.php')->make(Illuminate\Contracts\Console\Kernel::class)->bootstrap();
            $child = new App\Serving\KeptProcess('child', ['touch', $argv[2]]);
            $child->start(fn (string $text) => null);
            echo $child->group();
            sleep(1000);
            PHP, base_path(), "$this->folder/begun"], timeout: null);
        $supervisor->start();
        $this->waitUntil(fn (): bool => $supervisor->getOutput() !== '');
        $group = (int) $supervisor->getOutput();
        $this->waitUntil(fn (): bool => posix_kill(-$group, 0));
        $supervisor->signal(SIGKILL);
        $this->waitUntil(fn (): bool => ! $this->isLiving($group));
        self::assertFileDoesNotExist("$this->folder/begun");
    }

    private function isLiving(int $id): bool
    {
        $stat = (string) @file_get_contents("/proc/$id/stat");

        return $stat !== '' && ! str_contains($stat, ') Z ');
    }

    /** @param  callable(): bool  $condition */
    private function waitUntil(callable $condition): void
    {
        for ($end = microtime(true) + 600; microtime(true) < $end; usleep(20_000)) {
            if ($condition()) {
                return;
            }
        }
        self::fail('it did not happen');
    }
}
