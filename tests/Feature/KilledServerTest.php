<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\ChangeRow;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Http;
use Symfony\Component\Process\Process;
use Tests\TestCase;
use Throwable;

/** A server that is killed keeps every edit that it answered. */
final class KilledServerTest extends TestCase
{
    use ServerProcesses;

    private const PORT = 8903;

    private ?Process $server = null;

    protected function tearDown(): void
    {
        $this->server?->stop(10, SIGTERM);
        parent::tearDown();
    }

    private function serve(): Process
    {
        $server = new Process(
            ['setsid', PHP_BINARY, base_path('artisan'), 'ricamo:serve', '--port='.self::PORT],
            base_path(),
            ['DB_DATABASE' => "$this->folder/ricamo.sqlite", 'RICAMO_UPLOADS' => "$this->folder/uploads", 'APP_ENV' => 'production'],
            timeout: null,
        );
        $server->start();
        while (
            $server->isRunning()
            && ! rescue(fn () => Http::timeout(60)->get('http://127.0.0.1:'.self::PORT.'/api/projects')->ok(), report: false)
        ) {
            usleep(20_000);
        }
        self::assertTrue($server->isRunning(), 'the server ended by itself: '.$server->getErrorOutput());
        $this->server = $server;

        return $server;
    }

    /** The processes that answer, at once and without a word; then the supervisor, which the rest follows. */
    private function kill(Process $server): void
    {
        $supervisor = $server->getPid() ?? self::fail('the server ended by itself: '.$server->getErrorOutput());
        foreach ($this->php() as $pid) {
            posix_kill($pid, SIGKILL);
        }
        posix_kill($supervisor, SIGKILL);
        $this->waitForTheEndOf($server);
    }

    /** @return list<int> PHP's processes of this test's server */
    private function php(): array
    {
        return $this->processes('php-fpm', self::PORT);
    }

    /** Its workers included: while one of them is there, the port is taken. */
    private function waitForTheEndOf(Process $server): void
    {
        while ($server->isRunning() || $this->isAnswering()) {
            usleep(10_000);
        }
    }

    private function isAnswering(): bool
    {
        $connection = @fsockopen('127.0.0.1', self::PORT);

        return $connection !== false && fclose($connection);
    }

    private function add(int $composition, int $revision): bool
    {
        try {
            return Http::timeout(600)->post('http://127.0.0.1:'.self::PORT."/api/compositions/$composition/edits", [
                'edit' => 'add-layer', 'args' => ['layer' => ['kind' => 'shape', 'form' => 'ellipse']], 'revision' => $revision,
            ])->ok();
        } catch (Throwable) {
            return false;
        }
    }

    public function test_an_edit_that_was_answered_is_there_after_a_kill_right_behind_the_answer(): void
    {
        $composition = $this->composition();
        DB::purge();
        for ($revision = 0; $revision < 3; $revision++) {
            $server = $this->serve();
            self::assertTrue($this->add($composition->id, $revision));
            $this->kill($server);
        }
        self::assertSame(3, $composition->refresh()->revision);
        self::assertCount(3, $this->document($composition)['layers']);
    }

    public function test_a_kill_in_the_middle_of_edits_loses_none_that_was_answered(): void
    {
        $composition = $this->composition();
        DB::purge();
        $server = $this->serve();
        $pid = $server->getPid() ?? self::fail('the server did not start');
        $victims = [...$this->php(), $pid];
        self::assertGreaterThan(2, count($victims));
        // However slow the machine is, the kill comes behind the first answer.
        self::assertTrue($this->add($composition->id, 0));
        $killer = pcntl_fork();
        if ($killer === 0) {
            usleep(700_000);
            array_map(fn (int $victim): bool => posix_kill($victim, SIGKILL), $victims);
            posix_kill((int) getmypid(), SIGKILL);
        }
        for ($answered = 1; $answered < 2000 && $this->add($composition->id, $answered); $answered++);
        pcntl_waitpid($killer, $status);
        $this->waitForTheEndOf($server);
        self::assertLessThan(2000, $answered);
        $kept = $composition->refresh()->revision;
        // The last one may have been kept without its answer getting through.
        self::assertContains($kept, [$answered, $answered + 1]);
        self::assertCount($kept, $this->document($composition)['layers']);
        self::assertSame($kept, ChangeRow::query()->count());
    }
}
