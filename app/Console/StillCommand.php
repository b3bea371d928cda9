<?php

declare(strict_types=1);

namespace App\Console;

use Ricamo\Raster\Render\Scene;

final class StillCommand extends DocumentCommand
{
    use WritesFile;

    protected $signature = 'ricamo:still {document : a project file} {--frame=0} {--out= : a PNG file} {--composition= : its name or id} {--scale=1} {--force : overwrite a file that is there}';

    protected $description = 'Draws one frame of a project file as a PNG';

    protected function work(): void
    {
        $out = $this->output(['png']);
        $project = $this->project();
        $composition = $project->composition($this->option('composition'));
        $frame = $this->wholeNumber('frame', (string) $this->option('frame'));
        $scene = new Scene(
            $composition, $project->library(), $this->clips($project),
            RenderCommand::scale((string) $this->option('scale')),
        );
        $this->remarkOn($scene);
        $surface = $this->about((string) $this->argument('document'), fn () => $scene->still($frame));
        $surface->writePng($out);
    }
}
