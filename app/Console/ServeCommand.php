<?php

declare(strict_types=1);

namespace App\Console;

use App\Serving\Cores;
use App\Serving\KeptProcess;
use App\Serving\Leftovers;
use App\Serving\WebServer;
use App\Settings\Checks;
use App\Work\Problem;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use Throwable;

/**
 * Serves the application: a web server, PHP for it, and queue workers. What ends is started again, and takes up what the
 * one before it left; when this ends, all of them do, and put down in good order what they are at.
 */
final class ServeCommand extends Command
{
    protected $signature = 'ricamo:serve {--host= : without it, the setting RICAMO_HOST} {--port= : without it, RICAMO_PORT}';

    protected $description = 'Serves Ricamo, with its queue workers';

    /** What each worker works on, in order of preference: a long file never stands in the way of short ones. */
    private const WORKERS = ['media' => 'media', 'media-long' => 'media-long,media', 'renders' => 'renders'];

    /** How long, in seconds, workers may take to put down what they are at. */
    private const GRACE = 8;

    /** A child that ends sooner than this after its start is started again only after as long. */
    private const BREATH = 1.0;

    private bool $ending = false;

    private Leftovers $leftovers;

    public function handle(): int
    {
        $this->trap([SIGINT, SIGTERM, SIGHUP], function (): void {
            $this->ending = true;
        });
        [$host, $port] = [
            (string) ($this->option('host') ?? config('ricamo.host')),
            (int) ($this->option('port') ?? config('ricamo.port')),
        ];
        // What it starts goes by the same.
        foreach (['RICAMO_HOST' => $host, 'RICAMO_PORT' => (string) $port] as $name => $value) {
            putenv("$name=$value");
            $_ENV[$name] = $value;
        }
        config(['ricamo.host' => $host, 'ricamo.port' => $port]);
        $web = new WebServer($host, $port, Cores::count());
        $this->leftovers = new Leftovers($web->folder);
        $problems = $this->problems($host, $port);
        if ($problems !== []) {
            array_map($this->error(...), $problems);

            return self::FAILURE;
        }
        $web->configure();
        $children = $this->children($web);
        $this->keep($children[0], $children);
        for ($try = 0; $try < 100 && ! $web->isReady(); $try++) {
            usleep(50_000);
        }
        array_map(fn (KeptProcess $child) => $this->keep($child, $children), $children);
        $this->line('Ricamo is at http://'.(str_contains($host, ':') ? "[$host]" : $host).":$port  (Ctrl+C ends it)");
        while (! $this->ending) {
            array_map(fn (KeptProcess $child) => $this->keep($child, $children), $children);
            usleep(100_000);
        }
        $this->end($children);

        return self::SUCCESS;
    }

    /**
     * What keeps it from beginning. Before anything is taken up: what another server is at is not to be taken from it.
     *
     * @return list<string>
     */
    private function problems(string $host, int $port): array
    {
        $problems = Checks::problems();
        if ($problems !== []) {
            return $problems;
        }
        if (! $this->leftovers->end()) {
            return ["Port $port is in use by another Ricamo; choose one with RICAMO_PORT."];
        }
        $problem = Checks::listening($host, $port) ?? Checks::migrate();
        if ($problem !== null) {
            return [$problem];
        }
        try {
            $this->call('ricamo:resume');
        } catch (Throwable $reason) {
            return ['What an earlier server left cannot be taken up: '.(Problem::isDiskFull($reason) ? 'the disk is full. Make room and start again.' : Problem::of($reason).'.')];
        }

        return [];
    }

    /** @return list<KeptProcess> PHP first, for without it there is no answer */
    private function children(WebServer $web): array
    {
        $children = [new KeptProcess('PHP', $web->fpmCommand()), new KeptProcess('web server', $web->nginxCommand())];
        foreach (self::WORKERS as $name => $queues) {
            $children[] = new KeptProcess("$name worker", [
                PHP_BINARY, '-d', 'memory_limit=1G', '-d', 'ffi.enable=1',
                base_path('artisan'), 'queue:work', "--queue=$queues", '--sleep=0.3', '--tries=1', '--timeout=7200', '--memory=512',
            ], $name);
        }

        return $children;
    }

    /** @param  list<KeptProcess>  $all */
    private function keep(KeptProcess $child, array $all): void
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
        $this->leftovers->note(array_values(array_filter(array_map(fn (KeptProcess $one): int => $one->group(), $all))));
        $child->letGo();
    }

    /** What a dead worker was at is free to be taken up at once. Two share a queue: the other one's work is still its own. */
    private function release(KeptProcess $child): void
    {
        try {
            if ($child->queue === 'renders') {
                DB::table('jobs')->where('queue', 'renders')->update(['reserved_at' => null, 'attempts' => 0]);
            } elseif ($child->queue !== null) {
                $this->callSilently('ricamo:resume', ['--media' => true]);
            }
        } catch (Throwable $reason) {
            $this->error("What the {$child->name} was at is taken up later: ".Problem::of($reason).'.');
        }
    }

    private function report(string $text): void
    {
        if (preg_match_all('/(?:PHP )?(?:Fatal|Parse|Warning|ALERT|\[emerg\]|\[alert\]).*/', $text, $found)) {
            $this->error(implode("\n", $found[0]));
        }
    }

    /** @param  list<KeptProcess>  $children */
    private function end(array $children): void
    {
        array_map(fn (KeptProcess $child) => $child->ask(), $children);
        for ($end = microtime(true) + self::GRACE; microtime(true) < $end; usleep(30_000)) {
            if (array_filter($children, fn (KeptProcess $child): bool => $child->isRunning()) === []) {
                break;
            }
        }
        array_map(fn (KeptProcess $child) => $child->kill(), $children);
        $this->leftovers->forget();
    }
}
