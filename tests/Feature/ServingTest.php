<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Render;
use App\Serving\Leftovers;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Http;
use Ricamo\Raster\Media\Probe;
use Symfony\Component\Process\Process;
use Tests\TestCase;

/** The supervisor with its server and workers, as `./ricamo serve` runs it. */
final class ServingTest extends TestCase
{
    use ServerProcesses;

    private const PORT = 8906;

    private ?Process $supervisor = null;

    protected function setUp(): void
    {
        parent::setUp();
        Http::globalOptions(['timeout' => 600]);
    }

    protected function tearDown(): void
    {
        $this->supervisor?->stop(10, SIGTERM);
        // Where a test has failed in the middle, the next one finds the port free.
        (new Leftovers(storage_path('framework/server-'.self::PORT)))->end();
        parent::tearDown();
    }

    private function serve(): void
    {
        $this->supervisor = new Process([PHP_BINARY, base_path('artisan'), 'ricamo:serve', '--port='.self::PORT], base_path(), [
            'DB_DATABASE' => "$this->folder/ricamo.sqlite", 'RICAMO_RENDERS' => "$this->folder/renders",
            'RICAMO_ORIGINALS' => "$this->folder/media",
            'RICAMO_PREVIEWS' => "$this->folder/previews", 'RICAMO_UPLOADS' => "$this->folder/uploads",
            'RICAMO_PIECE_FRAMES' => '30', 'RICAMO_PATIENCE' => '2', 'APP_ENV' => 'production',
        ], timeout: null);
        $this->supervisor->start();
        $this->waitFor(fn (): bool => $this->supervisor->isRunning() ? (bool) rescue(
            fn () => Http::timeout(5)->get($this->url('projects'))->ok(), report: false,
        )
            : self::fail('the server ended by itself: '.$this->supervisor->getOutput().$this->supervisor->getErrorOutput()));
    }

    private function url(string $path): string
    {
        return 'http://127.0.0.1:'.self::PORT."/api/$path";
    }

    /** @param  callable(): bool  $condition */
    private function waitFor(callable $condition): void
    {
        for ($end = microtime(true) + 1200; microtime(true) < $end; usleep(30_000)) {
            if ($condition()) {
                return;
            }
        }
        self::fail('it did not happen: '.$this->supervisor?->getErrorOutput());
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
        $workers = $this->own('--queue=renders');
        self::assertNotEmpty($workers);
        array_map(fn (int $pid): bool => posix_kill($pid, SIGKILL), $workers);
        $this->waitFor(fn (): bool => Http::get($this->url("renders/$render"))->json('state') === 'finished');
        self::assertSame(150, Probe::clip("$this->folder/renders/$render/finished.mp4")->frames);
        self::assertSame(['finished.mp4'], array_map(basename(...), glob("$this->folder/renders/$render/*") ?: []));
    }

    public function test_a_port_that_is_taken_is_said_and_nothing_is_taken_up(): void
    {
        $composition = $this->composition();
        DB::table('jobs')->insert([
            'queue' => 'renders', 'payload' => '{}', 'attempts' => 1, 'reserved_at' => time(), 'available_at' => 0,
            'created_at' => 0,
        ]);
        $taken = stream_socket_server('tcp://127.0.0.1:'.self::PORT);
        self::assertIsResource($taken);
        $process = new Process(
            [PHP_BINARY, base_path('artisan'), 'ricamo:serve', '--port='.self::PORT], base_path(),
            ['DB_DATABASE' => "$this->folder/ricamo.sqlite"], timeout: null,
        );
        $process->run();
        fclose($taken);
        self::assertSame(1, $process->getExitCode());
        self::assertStringContainsString('Port '.self::PORT.' is in use', $process->getOutput());
        self::assertSame(1, DB::table('jobs')->count());
        self::assertSame(0, $composition->refresh()->revision);
    }

    public function test_what_dies_is_started_again_and_everything_ends_with_the_supervisor(): void
    {
        $composition = $this->composition();
        DB::purge();
        $this->serve();
        $answers = fn (): bool => (bool) rescue(
            fn () => Http::timeout(2)->get($this->url("compositions/{$composition->id}"))->ok(), report: false,
        );
        $this->waitFor($answers);
        // One PHP process of several, the master of them all, and the web server's master, whose children hold the port.
        foreach (['php-fpm: pool', 'php-fpm: master', 'nginx: master'] as $title) {
            $victims = $this->own($title);
            self::assertNotEmpty($victims, $title);
            posix_kill($victims[0], SIGKILL);
            $this->waitFor(fn (): bool => ! in_array($victims[0], $this->own($title), true) && $this->own($title) !== []);
            $this->waitFor($answers);
        }
        $this->supervisor?->signal(SIGTERM);
        $this->waitFor(fn (): bool => $this->supervisor?->isRunning() === false);
        self::assertSame([], $this->own(''));
        self::assertSame(0, Render::query()->count());
    }

    public function test_what_is_left_of_a_server_that_was_killed_is_taken_down_by_the_next(): void
    {
        $this->composition();
        DB::purge();
        for ($time = 0; $time < 3; $time++) {
            $this->serve();
            // Together, so that nothing is there to end nginx's workers, which hold the port.
            $victims = [(int) $this->supervisor?->getPid(), ...array_slice($this->own('nginx: master'), 0, 1)];
            self::assertCount(2, $victims);
            array_map(fn (int $pid): bool => posix_kill($pid, SIGKILL), $victims);
            $this->waitFor(fn (): bool => $this->supervisor?->isRunning() === false);
        }
        $this->serve();
        self::assertTrue(Http::get($this->url('projects'))->ok());
        // A second one on the same port is told so, and takes nothing down.
        $second = new Process(
            [PHP_BINARY, base_path('artisan'), 'ricamo:serve', '--port='.self::PORT], base_path(),
            ['DB_DATABASE' => "$this->folder/ricamo.sqlite"], timeout: null,
        );
        self::assertSame(1, $second->run());
        self::assertStringContainsString('Port '.self::PORT.' is in use by another Ricamo', $second->getOutput());
        self::assertTrue(Http::get($this->url('projects'))->ok());
    }

    public function test_folders_may_have_spaces_in_their_names_and_previews_are_given_to_known_hosts_only(): void
    {
        $composition = $this->composition();
        DB::purge();
        $this->folder = "$this->folder/a folder (with names)";
        mkdir($this->folder);
        copy(dirname($this->folder).'/ricamo.sqlite', "$this->folder/ricamo.sqlite");
        $this->serve();
        $render = Http::post($this->url("compositions/{$composition->id}/renders"), ['from' => 0, 'to' => 5])->throw()->json('id');
        $this->waitFor(fn (): bool => Http::get($this->url("renders/$render"))->json('state') === 'finished');
        self::assertStringContainsString('ftyp', substr(Http::get($this->url("renders/$render/file"))->throw()->body(), 0, 20));
        file_put_contents("$this->folder/previews/poster.jpg", 'picture');
        $poster = 'http://127.0.0.1:'.self::PORT.'/storage/media/poster.jpg';
        self::assertSame('picture', Http::get($poster)->body());
        foreach (['/storage/media/poster.jpg', '/api/projects', '/build/manifest.json'] as $path) {
            $foreign = Http::withHeaders(['Host' => 'evil.example'])->get('http://127.0.0.1:'.self::PORT.$path);
            self::assertSame([403, 'This server is not reached by that name.'], [$foreign->status(), $foreign->json('message')], $path);
        }
    }

    /** Each reads a little of a long answer, and then nothing for as long as it takes. */
    public function test_twenty_slow_readers_of_frames_hold_nobody_up(): void
    {
        $composition = $this->composition();
        $this->edit($composition, 'set-composition', ['length' => 120])->assertOk();
        foreach (range(1, 6) as $number) {
            $this->edit(
                $composition, 'add-layer',
                ['layer' => [
                    'kind' => 'text', 'text' => str_repeat("Depot Nine $number ", 12),
                    'rotation' => ['keyframes' => [['at' => 0, 'value' => 0], ['at' => 390, 'value' => 90]]],
                    'motionBlur' => true,
                ]],
            )->assertOk();
        }
        DB::purge();
        $this->serve();
        $readers = [];
        foreach (range(1, 20) as $ignored) {
            $reader = fsockopen('127.0.0.1', self::PORT);
            self::assertIsResource($reader);
            stream_set_blocking($reader, false);
            fwrite(
                $reader,
                "GET /api/compositions/{$composition->id}/frames?from=0&to=120 HTTP/1.1\r\nHost: 127.0.0.1\r\nConnection: close\r\n\r\n",
            );
            $readers[] = $reader;
        }
        for ($edit = 0; $edit < 10; $edit++) {
            self::assertTrue(Http::post(
                $this->url("compositions/{$composition->id}/edits"),
                ['edit' => 'rename-layer', 'args' => ['layer' => 'l1', 'name' => "Name $edit"], 'revision' => 7 + $edit],
            )->ok());
        }
        // Somebody who reads gets all of it, while the others still hold their answers.
        $lines = explode("\n", trim(Http::get($this->url("compositions/{$composition->id}/frames?from=0&to=120"))->body()));
        self::assertCount(120, $lines);
        array_map(fclose(...), $readers);
    }

    public function test_a_supervisor_that_is_killed_takes_everything_along(): void
    {
        $this->composition();
        DB::purge();
        $this->serve();
        $this->waitFor(fn (): bool => count($this->own('queue:work')) === 3 && $this->own('nginx: worker') !== []);
        $this->supervisor?->signal(SIGKILL);
        $this->waitFor(fn (): bool => $this->own('') === []);
        self::assertFalse(@fsockopen('127.0.0.1', self::PORT));
    }

    public function test_ended_in_the_middle_work_is_put_down_and_taken_up_again_at_the_next_start(): void
    {
        $composition = $this->composition();
        $this->edit($composition, 'set-composition', ['width' => 1920, 'height' => 1080, 'length' => 300]);
        $this->addBar($composition);
        DB::purge();
        $this->serve();
        $render = Http::post($this->url("compositions/{$composition->id}/renders"), ['from' => 0])->throw()->json('id');
        for ($time = 0; $time < 2; $time++) {
            $drawn = (int) Http::get($this->url("renders/$render"))->json('drawn');
            $this->waitFor(fn (): bool => Http::get($this->url("renders/$render"))->json('drawn') > $drawn + 20);
            // As Ctrl+C does at a terminal: to the whole group.
            $this->supervisor?->signal(SIGINT);
            $this->waitFor(fn (): bool => $this->supervisor?->isRunning() === false);
            self::assertContains(Render::query()->findOrFail($render)->state, ['waiting', 'drawing'], 'nothing failed');
            self::assertSame([], glob("$this->folder/renders/$render/*.part"), 'nothing half-made is left');
            DB::purge();
            $this->serve();
        }
        $this->waitFor(fn (): bool => Http::get($this->url("renders/$render"))->json('state') === 'finished');
        self::assertSame(300, Probe::clip("$this->folder/renders/$render/finished.mp4")->frames);
    }

    public function test_requests_that_lie_get_an_answer_and_files_have_the_same_headers(): void
    {
        $this->composition();
        DB::purge();
        $this->serve();
        $this->waitFor(fn (): bool => (bool) rescue(fn () => Http::get($this->url('projects'))->ok(), report: false));
        $answer = function (string $length, string $body, bool $stays = true): string {
            $socket = fsockopen('127.0.0.1', self::PORT);
            self::assertIsResource($socket);
            fwrite(
                $socket,
                "POST /api/projects HTTP/1.1\r\nHost: 127.0.0.1\r\nConnection: close\r\nContent-Type: application/json\r\nContent-Length: $length\r\n\r\n$body",
            );
            if (! $stays) {
                stream_socket_shutdown($socket, STREAM_SHUT_WR);
            }
            stream_set_timeout($socket, 30);

            return (string) stream_get_contents($socket, 4096);
        };
        self::assertStringContainsString('413', $answer('1000000000000', ''));
        self::assertStringContainsString('400', $answer('-5', 'abc'));
        self::assertStringContainsString('422', $answer('3', 'abc'));
        foreach (['408' => true, '400' => false] as $status => $stays) {
            $cut = $answer('500', '{"name":"Half', $stays);
            self::assertStringStartsWith("HTTP/1.1 $status", $cut);
            self::assertStringEndsWith(
                '{"message":"The request ended before all that it announced had come. Nothing was done; try again."}', $cut,
            );
            self::assertStringContainsString('X-Content-Type-Options: nosniff', $cut);
        }
        // A body of some megabytes comes in whole.
        self::assertSame(422, Http::post($this->url('projects'), ['name' => str_repeat('a', 5_000_000)])->status());
        foreach (['/api/projects', '/ricamo.svg', '/api/nothing', '/build/nothing.js'] as $path) {
            $response = Http::get('http://127.0.0.1:'.self::PORT.$path);
            self::assertStringContainsString("script-src 'self'", $response->header('Content-Security-Policy'), $path);
            self::assertSame('nosniff', $response->header('X-Content-Type-Options'), $path);
            self::assertStringNotContainsString('Illuminate', $response->body());
        }
    }

    /** @return list<int> */
    private function own(string $title): array
    {
        return $this->processes($title, self::PORT);
    }
}
