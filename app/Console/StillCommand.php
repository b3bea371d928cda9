<?php

namespace App\Console;

use Ricamo\Core\Refusal;
use Ricamo\Raster\Render\Scene;

final class StillCommand extends DocumentCommand
{
    protected $signature = 'ricamo:still {document : a project file} {--frame=0} {--out= : a PNG file} {--composition= : its name or id} {--scale=1}';

    protected $description = 'Draws one frame of a project file as a PNG';

    protected function work(): void
    {
        $out = (string) $this->option('out');
        if ($out === '') {
            throw new Refusal('--out: say which file to write');
        }
        $this->writable($out);
        $project = $this->project();
        $composition = $project->composition($this->option('composition'));
        $frame = $this->wholeNumber('frame', (string) $this->option('frame'));
        $scene = new Scene($composition, $project->library(), $this->clips($project), RenderCommand::scale((string) $this->option('scale')));
        $surface = $this->about((string) $this->argument('document'), fn () => $scene->still($frame));
        $surface->writePng($out);
    }
}
