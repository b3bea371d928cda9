<?php

namespace Tests\Feature;

use App\Models\Render;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Http;
use Ricamo\Raster\Media\Probe;
use Symfony\Component\Process\Process;
use Tests\TestCase;

/** The supervisor with its server and workers, as `./ricamo serve` runs it. */
final class ServingTest extends TestCase
{
    private const PORT = 8906;

    private ?Process $supervisor = null;

    protected function tearDown(): void
    {
        $this->supervisor?->stop(10, SIGTERM);
        parent::tearDown();
    }

    private function serve(): void
    {
        $this->supervisor = new Process([PHP_BINARY, base_path('artisan'), 'ricamo:serve', '--port='.self::PORT], base_path(), [
            'DB_DATABASE' => "$this->folder/ricamo.sqlite", 'RICAMO_RENDERS' => "$this->folder/renders", 'RICAMO_PIECE_FRAMES' => '30', 'APP_ENV' => 'production',
        ], timeout: null);
        $this->supervisor->start();
        $this->waitFor(fn (): bool => (bool) @fsockopen('127.0.0.1', self::PORT));
    }

    /** @return list<int> the processes below the supervisor whose command line holds this */
    private function children(string $command): array
    {
        $found = [];
        foreach (glob('/proc/[0-9]*/cmdline') ?: [] as $file) {
            $line = str_replace("\0", ' ', (string) @file_get_contents($file));
            if (str_contains($line, $command) && ! str_contains($line, 'ricamo:serve')) {
                $found[] = (int) basename(dirname($file));
            }
        }

        return $found;
    }

    private function url(string $path): string
    {
        return 'http://127.0.0.1:'.self::PORT."/api/$path";
    }

    /** @param  callable(): bool  $condition */
    private function waitFor(callable $condition): void
    {
        for ($end = microtime(true) + 60; microtime(true) < $end; usleep(30_000)) {
            if ($condition()) {
                return;
            }
        }
        self::fail('it did not happen within a minute: '.$this->supervisor?->getErrorOutput());
    }

    public function test_a_killed_render_worker_is_started_again_and_the_render_goes_on_by_itself(): void
    {
        $composition = $this->composition();
        $this->edit($composition, 'set-composition', ['width' => 1280, 'height' => 720, 'length' => 150]);
        $this->addBar($composition);
        DB::purge();
        $this->serve();
        $render = Http::post($this->url("compositions/{$composition->id}/renders"), ['from' => 0])->throw()->json('id');
        $this->waitFor(fn (): bool => Http::get($this->url("renders/$render"))->json('drawn') >= 30);
        $workers = $this->children('--queue=renders');
        self::assertNotEmpty($workers);
        array_map(fn (int $pid): bool => posix_kill($pid, SIGKILL), $workers);
        $this->waitFor(fn (): bool => Http::get($this->url("renders/$render"))->json('state') === 'finished');
        self::assertSame(150, Probe::clip("$this->folder/renders/$render/finished.mp4")->frames);
        self::assertSame(['finished.mp4'], array_map(basename(...), glob("$this->folder/renders/$render/*") ?: []));
    }

    public function test_a_port_that_is_taken_is_said_and_nothing_is_taken_up(): void
    {
        $composition = $this->composition();
        DB::table('jobs')->insert(['queue' => 'renders', 'payload' => '{}', 'attempts' => 1, 'reserved_at' => time(), 'available_at' => 0, 'created_at' => 0]);
        $taken = stream_socket_server('tcp://127.0.0.1:'.self::PORT);
        self::assertIsResource($taken);
        $process = new Process([PHP_BINARY, base_path('artisan'), 'ricamo:serve', '--port='.self::PORT], base_path(), ['DB_DATABASE' => "$this->folder/ricamo.sqlite"]);
        $process->run();
        fclose($taken);
        self::assertSame(1, $process->getExitCode());
        self::assertStringContainsString('Port '.self::PORT.' is in use', $process->getOutput());
        self::assertSame(1, DB::table('jobs')->count());
        self::assertSame(0, $composition->refresh()->revision);
    }

    public function test_the_server_is_started_again_and_everything_ends_with_the_supervisor(): void
    {
        $composition = $this->composition();
        DB::purge();
        $this->serve();
        // The server listens before it has made its workers.
        $this->waitFor(fn (): bool => count($this->children('127.0.0.1:'.self::PORT)) > 1);
        $servers = $this->children('127.0.0.1:'.self::PORT);
        // Only the first of them: the others would go on holding the port.
        posix_kill(min($servers), SIGKILL);
        $this->waitFor(fn (): bool => array_intersect($servers, $this->children('127.0.0.1:'.self::PORT)) === []);
        $this->waitFor(fn (): bool => (bool) rescue(fn () => Http::timeout(2)->get($this->url("compositions/{$composition->id}"))->ok(), report: false));
        $this->supervisor?->signal(SIGTERM);
        $this->waitFor(fn (): bool => $this->supervisor?->isRunning() === false);
        self::assertSame([], $this->children('127.0.0.1:'.self::PORT));
        self::assertSame(0, Render::query()->count());
    }
}
