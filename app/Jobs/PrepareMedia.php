<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Media\PreviewJson;
use App\Models\MediaRow;
use App\Removal\Room;
use App\Work\Patience;
use App\Work\Problem;
use App\Work\StopSignal;
use App\Work\WorkStopped;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Support\Facades\File;
use Ricamo\Core\Refusal;
use Ricamo\Raster\Media\Clip;
use Ricamo\Raster\Media\Preparation;
use Throwable;

/** Makes what the browser plays of a clip: poster, preview frames, sound and its peaks. */
final class PrepareMedia implements ShouldQueue
{
    use WorksOnClaim;

    /** Clips of more frames than this wait in a queue of their own, so that short ones need not wait for them. */
    private const SHORT = 3000;

    /** Seconds between two looks at whether it is still wanted. */
    private const BETWEEN = 0.5;

    public int $timeout = 7200;

    public function __construct(private readonly int $media, private readonly string $attempt)
    {
        $this->onQueue('media');
    }

    public static function queueFor(Clip $clip): string
    {
        return $clip->frames > self::SHORT ? 'media-long' : 'media';
    }

    public function handle(): void
    {
        $media = MediaRow::query()->whereKey($this->media)->where('attempt', $this->attempt)
            ->whereIn('state', MediaRow::TO_PREPARE)->first();
        if ($media !== null) {
            // What is prepared belongs to the content, which may be in several projects.
            $this->claimed(MediaRow::claimOfContent((string) $media->hash), fn () => $this->prepare($media));
        }
    }

    private function prepare(MediaRow $media): void
    {
        if ($this->isThere($media) || ! $this->note(['state' => 'preparing', 'problem' => null, 'prepared' => 0])) {
            return;
        }
        File::ensureDirectoryExists($media->previews());
        $clip = $media->clip();
        $preparation = new Preparation($clip, $media->previews(), PreviewJson::budget());
        try {
            $preparation->run($this->look(...));
            $this->note([
                'state' => 'ready', 'begun' => 0, 'prepared' => $clip->frames,
                'preview' => PreviewJson::write($preparation->plan), 'preview_bytes' => Room::ofFolder($media->previews()),
            ]);
        } catch (WorkStopped) {
            if (StopSignal::asked() && $this->note(['state' => 'waiting'])) {
                dispatch($this->again()->onQueue(self::queueFor($clip)));
            }
        } catch (Refusal $refusal) {
            $this->note(['state' => 'failed', 'problem' => mb_substr($refusal->getMessage(), 0, 250)]);
        }
    }

    /** Whether the same content has been prepared for another project meanwhile. */
    private function isThere(MediaRow $media): bool
    {
        $other = MediaRow::query()->where('hash', $media->hash)->where('state', 'ready')->whereKeyNot($media->id)->first();
        $clip = $media->clip();
        if ($other === null || ! Preparation::isThere($clip, $media->previews(), PreviewJson::read($other->preview))) {
            return false;
        }

        return $this->note([
            'state' => 'ready', 'begun' => 0, 'problem' => null, 'prepared' => $clip->frames, 'preview' => $other->preview,
            'preview_bytes' => $other->preview_bytes,
        ]);
    }

    public function failed(?Throwable $reason): void
    {
        $this->note(['state' => 'failed', 'problem' => Problem::of($reason)]);
    }

    /**
     * @param  array<string, mixed>  $fields
     * @return bool whether it is still this attempt's to say
     */
    private function note(array $fields): bool
    {
        return Patience::with(fn (): bool => MediaRow::query()->whereKey($this->media)->where('attempt', $this->attempt)
            ->whereIn('state', MediaRow::TO_PREPARE)->update($fields) > 0);
    }

    private float $last = 0;

    private function look(int $frames): void
    {
        StopSignal::heed();
        if (microtime(true) - $this->last < self::BETWEEN) {
            return;
        }
        $this->last = microtime(true);
        Patience::without(function () use ($frames): void {
            $isWanted = MediaRow::query()->whereKey($this->media)->where('attempt', $this->attempt)
                ->whereIn('state', MediaRow::TO_PREPARE)->update(['prepared' => $frames]) > 0;
            if (! $isWanted) {
                throw new WorkStopped('the preparation was cancelled');
            }
        });
    }

    private function again(): self
    {
        return new self($this->media, $this->attempt);
    }

    private function begin(): int
    {
        return MediaRow::begun($this->media);
    }
}
