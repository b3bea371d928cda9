<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\ProjectRow;
use RuntimeException;
use Symfony\Component\Process\Process;

/** How the timeline of 500 layers opens, scrolls and zooms in the browser. */
final class ScreenBench
{
    /** @return list<array{string, string, string}> */
    public function run(): array
    {
        $measured = BenchServer::with(function (ProjectRow $project): array {
            $url = 'http://127.0.0.1:'.BenchServer::PORT.'/compositions/'.BenchServer::composition($project, 500, 3)->id;
            $browser = new Process(['node', base_path('tools/scrolling.mjs'), $url], base_path(), timeout: 120);
            $browser->mustRun();
            $figures = json_decode($browser->getOutput(), true);

            return is_array($figures) ? $figures : throw new RuntimeException('the browser told no figures');
        });
        $frames = fn (string $what): string => sprintf('median %.1f ms, longest %.1f ms, %d of %d over 34 ms', ...$measured[$what]);

        return [
            ['500 layers, 12,000 keyframes: opened in the browser', sprintf('%.0f ms', $measured['opened']), '≤ 2000 ms'],
            ['… between two frames while they scroll', $frames('scrolling'), 'none over 34 ms'],
            ['… between two frames while time is zoomed', $frames('zooming'), 'none over 34 ms'],
        ];
    }
}
