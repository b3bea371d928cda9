<?php

namespace App\Console;

use App\Jobs\CheckMedia;
use App\Jobs\OpenProject;
use App\Media\Intake;
use App\Models\Media;
use App\Models\Upload;
use App\Rendering\Renders;
use App\Transfer\ProjectExport;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;

final class ResumeCommand extends Command
{
    protected $signature = 'ricamo:resume {--media : only media that no worker is at any more}';

    protected $description = 'Takes up what a stopped server left unfinished; to be run while no worker runs';

    /** How long an upload may be interrupted, in hours. */
    private const UPLOAD_HOURS = 24;

    public function handle(Renders $renders, Intake $intake): int
    {
        if ($this->option('media')) {
            $this->resumeMedia($intake);

            return self::SUCCESS;
        }
        // What the dead workers had taken is asked for anew below.
        DB::table('jobs')->delete();
        $this->sweep();
        $this->resumeMedia($intake);
        $resumed = $renders->resumeAll();
        if ($resumed > 0) {
            $this->line("Resumed $resumed unfinished render".($resumed === 1 ? '' : 's').'.');
        }

        return self::SUCCESS;
    }

    /** Jobs that were asked for before carry an attempt that no longer counts. */
    private function resumeMedia(Intake $intake): void
    {
        Media::query()->whereIn('state', Media::TO_PREPARE)->get()->each($intake->prepare(...));
        Upload::query()->where('state', 'opening')->get()->each(fn (Upload $upload) => OpenProject::dispatch($upload->id));
        foreach (Media::query()->where('state', 'checking')->get() as $media) {
            if (is_file(Upload::fileOf($media->attempt))) {
                CheckMedia::dispatch($media->id);
            } else {
                $media->delete();
            }
        }
    }

    /** Nothing half-made is left; no upload and no worker is at any of these. */
    private function sweep(): void
    {
        File::deleteDirectory(ProjectExport::folder());
        File::delete([...File::glob(config('ricamo.originals').'/*.part'), ...File::glob(config('ricamo.renders').'/*/*.part')]);
        Upload::query()->where('updated_at', '<', now()->subHours(self::UPLOAD_HOURS))->get()->each(fn (Upload $upload) => $upload->discard());
        $expected = [...Upload::query()->pluck('id'), ...Media::query()->where('state', 'checking')->pluck('attempt')];
        foreach (File::glob(config('ricamo.uploads').'/*.part') as $file) {
            if (! in_array(basename($file, '.part'), $expected, true)) {
                File::delete($file);
            }
        }
        Media::query()->whereIn('state', ['refused', 'twin'])->delete();
    }
}
