<?php

namespace App\Jobs;

use App\Models\Media;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Facades\File;
use Ricamo\Core\Refusal;
use Ricamo\Raster\Media\Preparation;
use Throwable;

/** Makes what the browser plays of a clip: poster, preview frames, sound and its peaks. */
final class PrepareMedia implements ShouldQueue
{
    use Queueable;

    public int $timeout = 7200;

    public int $tries = 1;

    public function __construct(private readonly int $media)
    {
        $this->onQueue('media');
    }

    public function handle(): void
    {
        $media = Media::query()->find($this->media);
        if ($media === null || $media->state === 'ready') {
            return;
        }
        $media->update(['state' => 'preparing', 'problem' => null, 'prepared' => 0]);
        File::ensureDirectoryExists($media->previews());
        $clip = $media->clip();
        try {
            (new Preparation($clip, $media->previews()))->run(
                fn (int $frames) => $media->update(['prepared' => min($frames, $clip->frames)]),
            );
            $media->update(['state' => 'ready', 'prepared' => $clip->frames]);
        } catch (Refusal $refusal) {
            $media->update(['state' => 'failed', 'problem' => mb_substr($refusal->getMessage(), 0, 250)]);
        }
    }

    public function failed(?Throwable $reason): void
    {
        Media::query()->whereKey($this->media)->update(['state' => 'failed', 'problem' => 'the preparation was cut short']);
    }
}
