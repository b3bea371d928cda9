<?php

declare(strict_types=1);

/**
 * Draws scenes to pictures and writes down what is to be drawn, all in one process: `php drawScenes.php project.json …` makes
 * project.png, project.small.png and project.list beside each.
 */

use Illuminate\Contracts\Console\Kernel;
use Symfony\Component\Console\Output\BufferedOutput;

require __DIR__.'/../../vendor/autoload.php';
$app = require __DIR__.'/../../bootstrap/app.php';
$kernel = $app->make(Kernel::class);
$kernel->bootstrap();

/** An odd picture: 400 × 225. */
const SMALL = '0.625';

foreach (array_slice($argv, 1) as $project) {
    $beside = substr($project, 0, -strlen('json'));
    $output = new BufferedOutput;
    foreach ([
        ['ricamo:still', ['document' => $project, '--frame' => '0', '--out' => "{$beside}png", '--force' => true], null],
        [
            'ricamo:still',
            ['document' => $project, '--frame' => '0', '--out' => "{$beside}small.png", '--scale' => SMALL, '--force' => true],
            null,
        ],
        ['ricamo:evaluate', ['document' => $project, '--frame' => '0'], $output],
    ] as [$command, $arguments, $kept]) {
        if ($kernel->call($command, $arguments, $kept) !== 0) {
            fwrite(STDERR, "$project: $command failed\n");
            exit(1);
        }
    }
    file_put_contents("{$beside}list", $output->fetch());
}
