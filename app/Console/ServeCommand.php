<?php

namespace App\Console;

use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use Symfony\Component\Process\Process;

/**
 * Serves the application with PHP's own server and queue workers beside it. Each child leads a process group of its
 * own, which ends as a whole; a worker that ends is started again, and takes up what the one before it left.
 */
final class ServeCommand extends Command
{
    protected $signature = 'ricamo:serve {--host=127.0.0.1} {--port=8900}';

    protected $description = 'Serves Ricamo, with its queue workers';

    private const SERVER_WORKERS = '4';

    /** @var array<string, Process> */
    private array $children = [];

    /** @var array<string, int> the process group of each child, which its own children share */
    private array $groups = [];

    private bool $ending = false;

    public function handle(): int
    {
        $this->trap([SIGINT, SIGTERM, SIGHUP], function (): void {
            $this->ending = true;
        });
        if ($this->isTaken()) {
            $this->error("Port {$this->option('port')} is in use, perhaps by another Ricamo; choose one with RICAMO_PORT.");

            return self::FAILURE;
        }
        $this->call('ricamo:resume');
        $this->start('server');
        $this->line("Ricamo is at http://{$this->option('host')}:{$this->option('port')}  (Ctrl+C ends it)");
        while (! $this->ending) {
            foreach (['server', 'media', 'renders'] as $name) {
                if (! ($this->children[$name] ?? null)?->isRunning()) {
                    $this->start($name);
                }
            }
            usleep(300_000);
        }
        array_map($this->end(...), $this->children);

        return self::SUCCESS;
    }

    /** Before anything is taken up: what another server is at is not to be taken from it. */
    private function isTaken(): bool
    {
        $connection = @fsockopen((string) $this->option('host'), (int) $this->option('port'), timeout: 1);

        return $connection !== false && fclose($connection);
    }

    private function start(string $name): void
    {
        $isRestart = isset($this->children[$name]);
        if ($isRestart) {
            $this->error("The $name process ended and is started again.");
            $this->killGroup($name);
            // What it was at is free to be taken up at once.
            DB::table('jobs')->where('queue', $name)->update(['reserved_at' => null, 'attempts' => 0]);
            usleep(500_000);
        }
        $php = [PHP_BINARY, '-d', 'memory_limit=1G', '-d', 'ffi.enable=1'];
        $command = $name === 'server'
            ? [...$php,
                '-d', 'opcache.enable_cli=1', '-d', 'opcache.validate_timestamps=1',
                '-d', 'upload_max_filesize='.config('ricamo.upload_bytes'), '-d', 'post_max_size='.(config('ricamo.upload_bytes') + 1_048_576),
                '-d', 'max_input_time=-1', '-d', 'display_errors=0',
                '-S', "{$this->option('host')}:{$this->option('port')}", '-t', public_path(), base_path('tools/router.php')]
            : [...$php, base_path('artisan'), 'queue:work', "--queue=$name", '--sleep=0.3', '--tries=1', '--timeout=7200'];
        $process = new Process(['setsid', ...$command], base_path(), ['PHP_CLI_SERVER_WORKERS' => self::SERVER_WORKERS], timeout: null);
        $process->start(fn (string $type, string $text) => $this->report($name, $text));
        $this->children[$name] = $process;
        $pid = $process->getPid();
        if ($pid !== null) {
            $this->groups[$name] = $pid;
        }
    }

    /** Where only its leader died, the rest of a group would keep the port, or go on encoding for nobody. */
    private function killGroup(string $name): void
    {
        if (isset($this->groups[$name])) {
            posix_kill(-$this->groups[$name], SIGKILL);
            unset($this->groups[$name]);
        }
    }

    private function report(string $name, string $text): void
    {
        if ($name === 'server' && preg_match_all('/(?:PHP )?(?:Fatal|Parse|Warning).*/', $text, $found)) {
            $this->error(implode("\n", $found[0]));
        }
    }

    private function end(Process $process): void
    {
        $pid = $process->getPid();
        if ($pid !== null) {
            posix_kill(-$pid, SIGTERM);
            posix_kill($pid, SIGTERM);
        }
        $process->stop(3, SIGKILL);
    }
}
