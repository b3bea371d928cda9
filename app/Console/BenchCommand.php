<?php

declare(strict_types=1);

namespace App\Console;

use App\Bench\BlurBench;
use App\Bench\CascadeBench;
use App\Bench\DragBench;
use App\Bench\EditBench;
use App\Bench\EffectBench;
use App\Bench\EvaluationBench;
use App\Bench\ExportBench;
use App\Bench\PatchBench;
use App\Bench\ScreenBench;
use App\Bench\WindowBench;
use Illuminate\Console\Command;

/** Measures what the producer waits for, beside what it is compared with, in the same run. */
final class BenchCommand extends Command
{
    protected $signature = 'ricamo:bench {--only= : evaluation, edits, export, screen, drag, blur, effects, windows, cascades or patches}';

    protected $description = 'Measures evaluation, edit latency, export and the screen, as ratios in one run';

    public function handle(): int
    {
        $benches = [
            'evaluation' => EvaluationBench::class, 'edits' => EditBench::class, 'export' => ExportBench::class,
            'screen' => ScreenBench::class, 'drag' => DragBench::class, 'blur' => BlurBench::class,
            'effects' => EffectBench::class, 'windows' => WindowBench::class, 'cascades' => CascadeBench::class,
            'patches' => PatchBench::class,
        ];
        $only = $this->option('only');
        if ($only !== null && ! isset($benches[$only])) {
            $this->getOutput()->getErrorStyle()->writeln("--only: \"$only\" is not one of ".implode(', ', array_keys($benches)));

            return self::INVALID;
        }
        $rows = [];
        foreach ($benches as $name => $class) {
            if ($only === null || $only === $name) {
                $this->line("Measuring {$name}…");
                $before = EvaluationBench::bareFramesPerSecond();
                array_push($rows, ...app($class)->run());
                // What the figures above are worth: what the machine did by itself right before and after.
                $rows[] = [
                    '  the machine, a bare loop over 20 layers',
                    sprintf('%d and %d frames a second', $before, EvaluationBench::bareFramesPerSecond()), '',
                ];
            }
        }
        $this->table(['what', 'measured', 'goal'], $rows);

        return self::SUCCESS;
    }
}
