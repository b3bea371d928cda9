<?php

declare(strict_types=1);

namespace App\Console;

use Ricamo\Core\Document\Project;
use Ricamo\Core\Edit\Edits;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Kind\Text\TextBlocks;
use Ricamo\Core\Refusal;
use Ricamo\Raster\Draw\DrawnCovering;
use Ricamo\Raster\Render\WrittenVideo;
use Ricamo\Raster\Text\ClipFonts;
use Ricamo\Raster\Text\HarfBuzzShaper;

final class EditCommand extends DocumentCommand
{
    use WritesFile;

    protected $signature = 'ricamo:edit {document : a project file} {edits : a JSON list of {edit, args, composition?}} {--out= : where to write; without it, in place} {--composition= : its name or id} {--force : overwrite a file that is there}';

    protected $description = 'Applies edits to a project file';

    protected function work(): void
    {
        $file = (string) $this->argument('edits');
        $out = $this->option('out') === null ? $this->writable((string) $this->argument('document')) : $this->output([], $file);
        WrittenVideo::sweep($out);
        $project = $this->project();
        $clips = $this->clips($project);
        $evaluator = new Evaluator(
            $clips->describe($project->media), new TextBlocks(new HarfBuzzShaper(new ClipFonts($clips))),
            covering: new DrawnCovering(fn () => $clips),
        );
        $project = $project->with(['media' => $evaluator->media]);
        // The one that is meant stays so, whatever the edits call it.
        $chosen = $project->composition($this->option('composition'))->id;
        foreach ($this->about($file, fn (): array => Edits::readList($this->read($file))) as $index => [$edit, $composition]) {
            $project = $this->aboutEntry($file, $index, fn (): Project => Edits::applyTo(
                $project, $edit, $composition === null ? $chosen : $project->composition($composition)->id, $evaluator,
            ));
        }
        $json = json_encode($project->toJson(), JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
        // Renamed into place, so that a project file is never half written.
        $fresh = "$out.".getmypid().'.part';
        if (@file_put_contents($fresh, "$json\n") !== strlen($json) + 1 || ! @rename($fresh, $out)) {
            @unlink($fresh);
            throw new Refusal("$out: cannot be written; the disk may be full");
        }
    }
}
