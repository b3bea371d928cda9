<?php

namespace App\Console;

use App\Serving\Child;
use App\Serving\WebServer;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;

/**
 * Serves the application: a web server, PHP for it, and queue workers. What ends is started again, and takes up what the
 * one before it left; when this ends, all of them do, and put down in good order what they are at.
 */
final class ServeCommand extends Command
{
    protected $signature = 'ricamo:serve {--host=127.0.0.1} {--port=8900}';

    protected $description = 'Serves Ricamo, with its queue workers';

    /** What each worker works on, in order of preference: a long file never stands in the way of short ones. */
    private const WORKERS = ['media' => 'media', 'media-long' => 'media-long,media', 'renders' => 'renders'];

    /** How long, in seconds, workers may take to put down what they are at. */
    private const GRACE = 8;

    /** A child that ends sooner than this after its start is started again only after as long. */
    private const BREATH = 1.0;

    private bool $ending = false;

    public function handle(): int
    {
        $this->trap([SIGINT, SIGTERM, SIGHUP], function (): void {
            $this->ending = true;
        });
        [$host, $port] = [(string) $this->option('host'), (int) $this->option('port')];
        if ($this->isTaken($host, $port)) {
            $this->error("Port $port is in use, perhaps by another Ricamo; choose one with RICAMO_PORT.");

            return self::FAILURE;
        }
        $this->call('ricamo:resume');
        $web = new WebServer($host, $port);
        $web->configure();
        $children = $this->children($web);
        $this->keep($children[0]);
        for ($try = 0; $try < 100 && ! $web->isReady(); $try++) {
            usleep(50_000);
        }
        $this->line("Ricamo is at http://$host:$port  (Ctrl+C ends it)");
        while (! $this->ending) {
            array_walk($children, $this->keep(...));
            usleep(100_000);
        }
        $this->end($children);

        return self::SUCCESS;
    }

    /** @return list<Child> PHP first, for without it there is no answer */
    private function children(WebServer $web): array
    {
        $children = [new Child('PHP', $web->fpmCommand()), new Child('web server', $web->nginxCommand())];
        foreach (self::WORKERS as $name => $queues) {
            $children[] = new Child("$name worker", [
                PHP_BINARY, '-d', 'memory_limit=1G', '-d', 'ffi.enable=1',
                base_path('artisan'), 'queue:work', "--queue=$queues", '--sleep=0.3', '--tries=1', '--timeout=7200', '--memory=512',
            ], $name);
        }

        return $children;
    }

    private function keep(Child $child): void
    {
        if ($child->isRunning() || $child->hasStarted() && $child->age() < self::BREATH) {
            return;
        }
        if ($child->hasStarted()) {
            $this->error("The {$child->name} ended and is started again.");
            // Where only its leader died, the rest of a group would keep the port, or go on encoding for nobody.
            $child->kill();
            $this->release($child);
        }
        $child->start($this->report(...));
    }

    /** What a dead worker was at is free to be taken up at once. Two share a queue: the other one's work is still its own. */
    private function release(Child $child): void
    {
        if ($child->queue === 'renders') {
            DB::table('jobs')->where('queue', 'renders')->update(['reserved_at' => null, 'attempts' => 0]);
        } elseif ($child->queue !== null) {
            $this->callSilently('ricamo:resume', ['--media' => true]);
        }
    }

    /** Before anything is taken up: what another server is at is not to be taken from it. */
    private function isTaken(string $host, int $port): bool
    {
        $connection = @fsockopen($host, $port, timeout: 1);

        return $connection !== false && fclose($connection);
    }

    private function report(string $text): void
    {
        if (preg_match_all('/(?:PHP )?(?:Fatal|Parse|Warning|ALERT|\[emerg\]|\[alert\]).*/', $text, $found)) {
            $this->error(implode("\n", $found[0]));
        }
    }

    /** @param  list<Child>  $children */
    private function end(array $children): void
    {
        array_map(fn (Child $child) => $child->ask(), $children);
        for ($end = microtime(true) + self::GRACE; microtime(true) < $end; usleep(30_000)) {
            if (array_filter($children, fn (Child $child): bool => $child->isRunning()) === []) {
                break;
            }
        }
        array_map(fn (Child $child) => $child->kill(), $children);
    }
}
