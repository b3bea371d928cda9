<?php

namespace App\Console;

use App\Bench\EditBench;
use App\Bench\EvaluationBench;
use App\Bench\ExportBench;
use Illuminate\Console\Command;

/** Measures what the producer waits for, beside what it is compared with, in the same run. */
final class BenchCommand extends Command
{
    protected $signature = 'ricamo:bench {--only= : evaluation, edits or export}';

    protected $description = 'Measures evaluation, edit latency and export, as ratios in one run';

    public function handle(): int
    {
        $benches = ['evaluation' => EvaluationBench::class, 'edits' => EditBench::class, 'export' => ExportBench::class];
        $only = $this->option('only');
        $rows = [];
        foreach ($benches as $name => $class) {
            if ($only === null || $only === $name) {
                $this->line("Measuring {$name}…");
                array_push($rows, ...app($class)->run());
            }
        }
        $this->table(['what', 'measured', 'goal'], $rows);

        return self::SUCCESS;
    }
}
