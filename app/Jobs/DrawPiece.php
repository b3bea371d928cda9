<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Models\Render;
use App\Models\RenderPiece;
use App\Rendering\Renders;
use App\Work\Patience;
use App\Work\Problem;
use App\Work\StopSignal;
use App\Work\WorkStopped;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Ricamo\Raster\Process\Heartbeat;
use Ricamo\Raster\Render\RangeRenderer;
use Ricamo\Raster\Render\RenderCancelled;
use Ricamo\Raster\Render\Way;
use Throwable;

/** Draws one piece of a render, unless it is there already or nobody waits for it any more. */
final class DrawPiece implements ShouldQueue
{
    use Queueable;

    /** Seconds between two looks at whether it is still wanted. */
    private const BETWEEN = 0.5;

    public int $timeout = 7200;

    public int $tries = 1;

    public function __construct(private readonly int $piece, private readonly string $attempt)
    {
        $this->onQueue('renders');
    }

    public function handle(Renders $renders): void
    {
        StopSignal::listen();
        $piece = RenderPiece::query()->with('render.composition')->find($this->piece);
        $render = $piece?->render;
        if ($piece === null || $render === null || $piece->finished) {
            return;
        }
        if (! $render->advance(
            $this->attempt, ['waiting', 'drawing'], ['state' => 'drawing', 'started_at' => $render->started_at ?? now()],
        )) {
            return;
        }
        $heartbeat = new Heartbeat($render->heartbeat());
        try {
            $renderer = new RangeRenderer($render->scene(), $render->output());
            $way = Way::tryFrom((string) $render->way) ?? $this->settleWay($render, $renderer);
            $renderer->render($piece->range(), $piece->file(), $this->look($piece), $way);
            $renders->pieceFinished($piece, $this->attempt);
        } catch (RenderCancelled) {
            return;
        } catch (WorkStopped) {
            self::dispatch($this->piece, $this->attempt);

            return;
        } finally {
            // Last of all: what has ended its work and not yet said so has not stopped.
            $heartbeat->stop();
        }
    }

    public function failed(?Throwable $reason): void
    {
        RenderPiece::query()->with('render')->find($this->piece)?->render
            ->advance($this->attempt, Render::UNDER_WAY, ['state' => 'failed', 'problem' => Problem::of($reason)]);
    }

    /** Once for all pieces. */
    private function settleWay(Render $render, RangeRenderer $renderer): Way
    {
        $way = $renderer->way($render->range());
        Patience::with(fn () => Render::query()->whereKey($render->id)->update(['way' => $way->value]));

        return $way;
    }

    /** @return callable(int): bool */
    private function look(RenderPiece $piece): callable
    {
        $last = 0.0;
        $wanted = true;

        return function (int $drawn) use ($piece, &$last, &$wanted): bool {
            StopSignal::heed();
            if (microtime(true) - $last >= self::BETWEEN) {
                $last = microtime(true);
                Patience::without(function () use ($piece, $drawn, &$wanted): void {
                    $piece->update(['drawn' => $drawn]);
                    $wanted = Render::query()->whereKey($piece->render_id)->where('attempt', $this->attempt)
                        ->whereIn('state', Render::UNDER_WAY)->exists();
                });
            }

            return $wanted;
        };
    }
}
