<?php

declare(strict_types=1);

namespace App\Console;

use App\Jobs\CheckMedia;
use App\Jobs\OpenProject;
use App\Jobs\TakeSample;
use App\Media\Intake;
use App\Models\MediaRow;
use App\Models\Render;
use App\Models\Upload;
use App\Rendering\Renders;
use App\Transfer\ProjectExport;
use App\Work\Claim;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Str;

final class ResumeCommand extends Command
{
    protected $signature = 'ricamo:resume {--media : only media that no worker is at, while others may run}';

    protected $description = 'Takes up what a stopped server left unfinished; without --media to be run while no worker runs';

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

    /** What no process is at. A job that was asked for before is none the worse for another one. */
    private function resumeMedia(Intake $intake): void
    {
        foreach (Upload::query()->where('state', 'coming')->get() as $upload) {
            if ($upload->isComplete()) {
                $intake->handOn($upload);
            }
        }
        foreach (Upload::query()->where('state', 'opening')->get() as $upload) {
            if (Claim::isFree(Upload::claimOf($upload->id))) {
                OpenProject::dispatch($upload->id);
            }
        }
        foreach (MediaRow::query()->whereIn('state', MediaRow::TO_PREPARE)->get() as $media) {
            if (Claim::isFree(MediaRow::claimOfContent((string) $media->hash))) {
                $intake->takeUp($media);
            }
        }
        foreach (MediaRow::query()->where('state', 'checking')->where('attempt', '!=', '')->get() as $media) {
            if (Claim::isFree(MediaRow::claimOf($media->id))) {
                $sample = Str::after($media->attempt, 'sample:');
                $sample === $media->attempt ? CheckMedia::dispatch($media->id) : TakeSample::dispatch($media->id, $sample);
            }
        }
    }

    /** Nothing half-made is left; no upload and no worker is at any of these. */
    private function sweep(): void
    {
        File::deleteDirectory(ProjectExport::folder());
        File::delete([...File::glob(config('ricamo.originals').'/*.part'), ...File::glob(config('ricamo.renders').'/*/*.part')]);
        foreach (Upload::query()->where('state', '!=', 'opening')->where(
            'updated_at', '<', now()->subHours(self::UPLOAD_HOURS),
        )->get() as $upload) {
            // What has come whole was answered, however long ago.
            if ($upload->state !== 'coming' || ! $upload->isComplete()) {
                $upload->discard();
            }
        }
        // What a process was taking in itself, which is gone.
        MediaRow::query()->where('state', 'checking')->where('attempt', '')->delete();
        $expected = [
            ...Upload::query()->whereIn('state', ['coming', 'opening'])->pluck('id'),
            ...MediaRow::query()->where('state', 'checking')->pluck('attempt'),
        ];
        foreach (File::glob(config('ricamo.uploads').'/*.part*') as $file) {
            if (! in_array(Str::before(basename($file), '.part'), $expected, true)) {
                Upload::sweep($file);
            }
        }
        MediaRow::query()->whereIn('state', ['refused', 'twin'])->delete();
        Render::query()->where('state', 'finished')->get()->each(fn (Render $render) => $render->clearPieces());
    }
}
