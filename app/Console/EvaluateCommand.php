<?php

declare(strict_types=1);

namespace App\Console;

use Ricamo\Core\Refusal;
use Ricamo\Raster\Render\Scene;

final class EvaluateCommand extends DocumentCommand
{
    protected $signature = 'ricamo:evaluate {document : a project file} {--frame=0 : N, or N..M, both included} {--composition= : its name or id}';

    protected $description = 'Prints display lists as JSON, one a line, each path in the first that has it';

    protected function work(): void
    {
        $project = $this->project();
        $composition = $project->composition($this->option('composition'));
        [$in, $out] = $this->frames('frame', (string) $this->option('frame'));
        if ($out > $composition->length) {
            throw new Refusal("--frame: the last frame is {$composition->range()->last()}");
        }
        $scene = new Scene($composition, $project->library(), $this->clips($project));
        $this->remarkOn($scene);
        $this->about((string) $this->argument('document'), function () use ($scene, $in, $out): void {
            $known = [];
            for ($frame = $in; $frame < $out; $frame++) {
                $list = $scene->list($frame);
                $this->output->writeln($list->encode($known), $this->output::OUTPUT_RAW);
                $known += array_fill_keys(array_keys($list->paths()), true);
            }
        });
    }
}
