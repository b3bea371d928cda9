<?php

namespace App\Jobs;

use App\Models\Media;
use App\Models\Render;
use App\Models\RenderPiece;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Ricamo\Raster\Render\Joiner;
use Ricamo\Raster\Render\Scene;
use Throwable;

/** Joins a render's pieces with the mixed sound into the finished file. */
final class JoinPieces implements ShouldQueue
{
    use Queueable;

    public int $timeout = 7200;

    public int $tries = 1;

    public function __construct(private readonly int $render)
    {
        $this->onQueue('renders');
    }

    public function handle(): void
    {
        $render = Render::query()->with(['composition', 'pieces'])->find($this->render);
        if ($render === null || $render->state !== 'joining') {
            return;
        }
        $render->update(['heard_at' => now()]);
        $projectId = $render->composition->project_id;
        $scene = new Scene($render->read(), Media::libraryOf($projectId), Media::clipsOf($projectId));
        $files = $render->pieces->sortBy('from')->values()->map(fn (RenderPiece $piece): string => $piece->setRelation('render', $render)->file())->all();
        $alive = fn (): bool => $render->update(['heard_at' => now()]);
        (new Joiner($scene))->join($render->range(), $files, $render->file(), $alive);
        if (Render::query()->whereKey($render->id)->where('state', 'joining')->update(['state' => 'finished']) > 0) {
            $render->clearPieces();
        }
    }

    public function failed(?Throwable $reason): void
    {
        Render::query()->whereKey($this->render)->update(['state' => 'failed', 'problem' => mb_substr($reason?->getMessage() ?? 'the worker was stopped', 0, 250)]);
    }
}
