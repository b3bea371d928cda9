<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Models\Render;
use App\Models\RenderPiece;
use App\Work\Patience;
use App\Work\Problem;
use App\Work\StopSignal;
use App\Work\WorkStopped;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Collection;
use Ricamo\Raster\Process\Heartbeat;
use Ricamo\Raster\Render\Joiner;
use Ricamo\Raster\Render\RenderCancelled;
use Ricamo\Raster\Render\WrittenVideo;
use RuntimeException;
use Throwable;

/** Joins a render's pieces with the mixed sound into the finished file. */
final class JoinPieces implements ShouldQueue
{
    use Queueable;

    public int $timeout = 7200;

    public int $tries = 1;

    public function __construct(private readonly int $render, private readonly string $attempt)
    {
        $this->onQueue('renders');
    }

    public function handle(): void
    {
        StopSignal::listen();
        $render = Render::query()->with(['composition', 'pieces'])->find($this->render);
        if ($render?->state === 'finished') {
            // The worker before was killed right before this.
            $render->clearPieces();

            return;
        }
        if ($render === null || ! $render->advance($this->attempt, ['joining'], [])) {
            return;
        }
        $pieces = $render->pieces->sortBy('from')->values()->each(fn (RenderPiece $piece) => $piece->setRelation('render', $render));
        $heartbeat = new Heartbeat($render->heartbeat());
        try {
            (new Joiner($render->scene(), $render->output()))->join(
                $render->range(), $pieces->map(fn (RenderPiece $piece): string => $piece->file())->all(), $render->file(),
                $this->look(...),
            );
            $isFinished = $render->advance($this->attempt, ['joining'], ['state' => 'finished']);
        } catch (RenderCancelled) {
            return;
        } catch (WorkStopped) {
            self::dispatch($this->render, $this->attempt);

            return;
        } catch (RuntimeException $failure) {
            $this->forgetDamaged($pieces);
            throw $failure;
        } finally {
            $heartbeat->stop();
        }
        if ($isFinished) {
            $render->clearPieces();
        }
    }

    public function failed(?Throwable $reason): void
    {
        Render::query()->find($this->render)?->advance(
            $this->attempt, Render::UNDER_WAY, ['state' => 'failed', 'problem' => Problem::of($reason)],
        );
    }

    private function look(): void
    {
        StopSignal::heed();
        Patience::without(function (): void {
            if (! Render::query()->whereKey($this->render)->where('attempt', $this->attempt)->where('state', 'joining')->exists()) {
                throw new RenderCancelled('the render was cancelled');
            }
        });
    }

    /**
     * Whatever piece is the reason is drawn again when the render is taken up.
     *
     * @param  Collection<int, RenderPiece>  $pieces
     */
    private function forgetDamaged(Collection $pieces): void
    {
        foreach ($pieces as $piece) {
            if (WrittenVideo::problem($piece->file(), $piece->range()->length()) !== null) {
                @unlink($piece->file());
                $piece->update(['finished' => false, 'drawn' => 0]);
            }
        }
    }
}
