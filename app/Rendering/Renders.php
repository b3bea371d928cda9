<?php

declare(strict_types=1);

namespace App\Rendering;

use App\Jobs\DrawPiece;
use App\Jobs\JoinPieces;
use App\Models\CompositionRow;
use App\Models\ProjectRow;
use App\Models\Render;
use App\Models\RenderPiece;
use App\Work\Patience;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Str;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Nesting;
use Ricamo\Core\Json\Text;
use Ricamo\Core\Refusal;
use Ricamo\Core\Time\FrameRange;
use Ricamo\Raster\Render\Format\Joining;
use Ricamo\Raster\Render\Output;

/** Begins renders, and carries on those that were stopped with what they have already. */
final class Renders
{
    public function begin(CompositionRow $composition, int $from, int $to, Output $output = new Output, float $scale = 1.0): Render
    {
        return DB::transaction(function () use ($composition, $from, $to, $output, $scale): Render {
            $render = $composition->renders()->create([
                'name' => (Str::slug($composition->name) ?: 'composition').".{$output->format->extension()}",
                'format' => $output->format->name(), 'quality' => $output->quality->value, 'scale' => $scale,
                'premultiplied' => $output->premultiplied,
                'document' => $composition->document,
                'placed' => Text::of($this->placed($composition)),
                'from' => $from,
                'to' => $to,
                'state' => 'waiting',
            ]);
            $isSeen = $output->format->joining() !== Joining::Sound;
            foreach ($isSeen ? (new FrameRange($from, $to))->pieces(config('ricamo.piece_frames')) : [] as $piece) {
                $render->pieces()->create(['from' => $piece->in, 'to' => $piece->out]);
            }
            $this->dispatch($render);

            return $render;
        });
    }

    /** @return list<array<string, mixed>> */
    private function placed(CompositionRow $composition): array
    {
        return array_map(
            fn (Composition $one): array => $one->toJson(),
            Nesting::within($composition->read(), ProjectRow::libraryOf($composition->project_id)),
        );
    }

    /**
     * Takes a stopped, failed or cancelled render up again; pieces that are finished stay.
     *
     * @throws Refusal where it is finished or under way
     */
    public function resume(Render $render): void
    {
        if ($render->state === 'finished' || ($render->isUnderWay() && ! $render->isStopped())) {
            throw new Refusal($render->state === 'finished' ? 'the render is finished' : 'the render is under way');
        }
        $this->dispatch($render);
    }

    /** To be called when no worker runs: whatever was under way was stopped, and is taken up again. */
    public function resumeAll(): int
    {
        $stopped = Render::query()->whereIn('state', Render::UNDER_WAY)->whereNull('removed_at')->get();
        $stopped->each($this->dispatch(...));

        return $stopped->count();
    }

    /** Ends it; what is finished of it stays. */
    public function cancel(Render $render): void
    {
        Render::query()->whereKey($render->id)->whereIn('state', Render::UNDER_WAY)->update([
            'state' => 'cancelled', 'attempt' => '', 'bytes' => null,
        ]);
    }

    /** Called after each piece: when all are there, they are joined. */
    public function pieceFinished(RenderPiece $piece, string $attempt): void
    {
        Patience::with(fn () => DB::transaction(function () use ($piece, $attempt): void {
            $piece->update(['finished' => true, 'drawn' => $piece->range()->length()]);
            $render = $piece->render;
            $isLast = ! $render->pieces()->where('finished', false)->exists();
            // Between pieces it waits: the worker may be at another render first.
            if ($render->advance($attempt, ['waiting', 'drawing'], ['state' => $isLast ? 'joining' : 'waiting']) && $isLast) {
                JoinPieces::dispatch($render->id, $attempt);
            }
        }));
    }

    private function dispatch(Render $render): void
    {
        File::ensureDirectoryExists($render->folder());
        DB::transaction(function () use ($render): void {
            $attempt = Str::random(12);
            foreach ($render->pieces->sortBy('from') as $piece) {
                if (! $piece->finished || ! is_file($piece->file())) {
                    $piece->update(['finished' => false, 'drawn' => 0]);
                    DrawPiece::dispatch($piece->id, $attempt);
                }
            }
            $unfinished = $render->pieces()->where('finished', false)->exists();
            $render->update([
                'state' => $unfinished ? 'waiting' : 'joining', 'attempt' => $attempt, 'problem' => null,
                'heard_at' => now(), 'bytes' => null,
            ]);
            if (! $unfinished) {
                JoinPieces::dispatch($render->id, $attempt);
            }
        });
    }
}
