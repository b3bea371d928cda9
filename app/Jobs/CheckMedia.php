<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Media\Intake;
use App\Models\MediaRow;
use App\Models\Upload;
use App\Work\Problem;
use Illuminate\Contracts\Queue\ShouldQueue;
use Ricamo\Core\Refusal;
use Throwable;

/** Looks at a file that has come: whether it is a clip, and which. */
final class CheckMedia implements ShouldQueue
{
    use WorksOnClaim;

    public int $timeout = 1800;

    public function __construct(private readonly int $media)
    {
        $this->onQueue('media');
    }

    public function handle(Intake $intake): void
    {
        $this->claimed(MediaRow::claimOf($this->media), function () use ($intake): void {
            $media = $this->waiting();
            if ($media === null) {
                return;
            }
            $path = Upload::fileOf($media->attempt);
            try {
                $intake->accept($media, $path);
            } catch (Refusal $refusal) {
                $this->refuse($media, "$media->name cannot be used: {$refusal->getMessage()}.");
            }
            Upload::sweep($path);
        });
    }

    public function failed(?Throwable $reason): void
    {
        $media = $this->waiting();
        if ($media !== null) {
            $this->refuse($media, "$media->name could not be looked at: ".Problem::of($reason).'.');
            Upload::sweep(Upload::fileOf($media->attempt));
        }
    }

    private function refuse(MediaRow $media, string $problem): void
    {
        $media->update(['state' => 'refused', 'problem' => mb_substr($problem, 0, 250)]);
    }

    private function waiting(): ?MediaRow
    {
        return MediaRow::query()->whereKey($this->media)->where('state', 'checking')->first();
    }

    private function again(): self
    {
        return new self($this->media);
    }

    private function begin(): int
    {
        return MediaRow::begun($this->media);
    }
}
