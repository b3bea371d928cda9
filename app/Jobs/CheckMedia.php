<?php

namespace App\Jobs;

use App\Media\Intake;
use App\Models\Media;
use App\Models\Upload;
use App\Work\Problem;
use App\Work\StopSignal;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Ricamo\Core\Refusal;
use Throwable;

/** Looks at a file that has come: whether it is a clip, and which. */
final class CheckMedia implements ShouldQueue
{
    use Queueable;

    public int $timeout = 1800;

    public int $tries = 1;

    public function __construct(private readonly int $media)
    {
        $this->onQueue('media');
    }

    public function handle(Intake $intake): void
    {
        StopSignal::listen();
        $media = Media::query()->find($this->media);
        if ($media === null || $media->state !== 'checking') {
            return;
        }
        $path = Upload::fileOf($media->attempt);
        try {
            $intake->accept($media, $path);
        } catch (Refusal $refusal) {
            $media->update(['state' => 'refused', 'problem' => mb_substr("$media->name cannot be used: {$refusal->getMessage()}.", 0, 250)]);
            @unlink($path);
        }
    }

    public function failed(?Throwable $reason): void
    {
        $media = Media::query()->find($this->media);
        if ($media?->state === 'checking') {
            $media->update(['state' => 'refused', 'problem' => mb_substr("$media->name could not be looked at: ".Problem::of($reason).'.', 0, 250)]);
            @unlink(Upload::fileOf($media->attempt));
        }
    }
}
