<?php

namespace App\Console;

use App\Jobs\PrepareMedia;
use App\Models\Media;
use App\Rendering\Renders;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;

final class ResumeCommand extends Command
{
    protected $signature = 'ricamo:resume';

    protected $description = 'Takes up renders and preparations that a stopped server left unfinished; to be run while no worker runs';

    public function handle(Renders $renders): int
    {
        // What the dead workers had taken is asked for anew below.
        DB::table('jobs')->delete();
        // No upload and no worker is at any of these.
        File::delete([...File::glob(config('ricamo.originals').'/*.part'), ...File::glob(config('ricamo.renders').'/*/*.part')]);
        $unprepared = Media::query()->whereIn('state', ['waiting', 'preparing'])->get();
        $unprepared->each(function (Media $media): void {
            PrepareMedia::dispatch($media->id);
        });
        $resumed = $renders->resumeAll();
        if ($resumed > 0) {
            $this->line("Resumed $resumed unfinished render".($resumed === 1 ? '' : 's').'.');
        }

        return self::SUCCESS;
    }
}
