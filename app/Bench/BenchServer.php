<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\CompositionRow;
use App\Models\ProjectRow;
use RuntimeException;
use Symfony\Component\Process\Process;

/** A server of its own, and a project that is gone afterwards. */
final class BenchServer
{
    public const PORT = 8902;

    /**
     * @template T
     *
     * @param  callable(ProjectRow): T  $measure
     * @return T
     */
    public static function with(callable $measure): mixed
    {
        $project = ProjectRow::query()->create(['name' => 'Bench '.bin2hex(random_bytes(3))]);
        $server = new Process(
            ['setsid', PHP_BINARY, base_path('artisan'), 'ricamo:serve', '--port='.self::PORT], base_path(), timeout: null,
        );
        $server->start();
        try {
            self::wait();

            return $measure($project);
        } finally {
            $server->signal(SIGTERM);
            $server->wait();
            $project->compositions()->delete();
            $project->delete();
        }
    }

    /** Layers with eight eased properties each. */
    public static function composition(ProjectRow $project, int $layers, int $keyframes): CompositionRow
    {
        return CompositionRow::store($project->id, EvaluationBench::composition($layers, $keyframes)->withId("c$layers"));
    }

    /** @return float frames a second of it that the browser shows while it plays */
    public static function played(CompositionRow $composition): float
    {
        $browser = new Process(
            ['node', base_path('tools/playing.mjs'), 'http://127.0.0.1:'.self::PORT."/compositions/{$composition->id}"],
            base_path(), timeout: 120,
        );
        $browser->mustRun();
        $figure = json_decode($browser->getOutput(), true);

        return is_float($figure) || is_int($figure) ? (float) $figure : throw new RuntimeException('the browser told no figure');
    }

    private static function wait(): void
    {
        for ($try = 0; $try < 100; $try++) {
            if (@fsockopen('127.0.0.1', self::PORT)) {
                return;
            }
            usleep(100_000);
        }
        throw new RuntimeException('the server for the benchmark did not start');
    }
}
