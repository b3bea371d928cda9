<?php

namespace App\Jobs;

use App\Models\Media;
use App\Models\Render;
use App\Models\RenderPiece;
use App\Rendering\Renders;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Ricamo\Raster\Render\RangeRenderer;
use Ricamo\Raster\Render\RenderCancelled;
use Ricamo\Raster\Render\Scene;
use Throwable;

/** Draws one piece of a render, unless it is there already or nobody wants it any more. */
final class DrawPiece implements ShouldQueue
{
    use Queueable;

    /** Seconds between two signs of life. */
    private const BEAT = 0.5;

    public int $timeout = 7200;

    public int $tries = 1;

    public function __construct(private readonly int $piece)
    {
        $this->onQueue('renders');
    }

    public function handle(Renders $renders): void
    {
        $piece = RenderPiece::query()->with('render.composition')->find($this->piece);
        if ($piece === null || $piece->finished || ! $piece->render->isUnderWay()) {
            return;
        }
        $render = $piece->render;
        $render->update(['state' => 'drawing', 'heard_at' => now(), 'started_at' => $render->started_at ?? now()]);
        try {
            $projectId = $render->composition->project_id;
            $scene = new Scene($render->read(), Media::libraryOf($projectId), Media::clipsOf($projectId));
            (new RangeRenderer($scene))->render($piece->range(), $piece->file(), $this->beat($piece));
        } catch (RenderCancelled) {
            return;
        }
        $renders->pieceFinished($piece);
    }

    public function failed(?Throwable $reason): void
    {
        $piece = RenderPiece::query()->with('render')->find($this->piece);
        $piece?->render->update(['state' => 'failed', 'problem' => mb_substr($reason?->getMessage() ?? 'the worker was stopped', 0, 250)]);
    }

    /** @return callable(int): bool */
    private function beat(RenderPiece $piece): callable
    {
        $last = 0.0;

        return function (int $drawn) use ($piece, &$last): bool {
            if (microtime(true) - $last < self::BEAT) {
                return true;
            }
            $last = microtime(true);
            $piece->update(['drawn' => $drawn]);

            return Render::query()->whereKey($piece->render_id)->whereIn('state', Render::UNDER_WAY)->update(['heard_at' => now()]) > 0;
        };
    }
}
