<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Media\Intake;
use App\Models\MediaRow;
use App\Models\Upload;
use App\Samples\Shelf;
use App\Work\Problem;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Support\Facades\File;
use Ricamo\Core\Refusal;
use Throwable;

/** Brings a sample into a project, drawing it first where nobody has asked for it before. */
final class TakeSample implements ShouldQueue
{
    use WorksOnClaim;

    public int $timeout = 1800;

    public function __construct(private readonly int $media, private readonly string $sample)
    {
        $this->onQueue('media');
    }

    public function handle(Intake $intake, Shelf $shelf): void
    {
        $this->claimed(MediaRow::claimOf($this->media), function () use ($intake, $shelf): void {
            $media = $this->waiting();
            if ($media === null) {
                return;
            }
            $copy = Upload::fileOf("sample-{$media->id}");
            try {
                $file = $this->made($shelf);
                if ($this->waiting() === null) {
                    return;
                }
                File::ensureDirectoryExists(dirname($copy));
                if (! @copy($file, $copy)) {
                    throw new Refusal('the disk is full');
                }
                $media->update(['bytes' => (int) filesize($copy)]);
                $intake->accept($media, $copy);
            } catch (Refusal $refusal) {
                $this->refuse($media, $refusal->getMessage());
            } finally {
                Upload::sweep($copy);
            }
        });
    }

    /** One after the other, where two ask for the same at once. */
    private function made(Shelf $shelf): string
    {
        $lock = storage_path("demo/{$this->sample}.lock");
        File::ensureDirectoryExists(dirname($lock));
        $held = fopen($lock, 'ce') ?: throw new Refusal('the disk is full');
        flock($held, LOCK_EX);
        try {
            return ($shelf->get($this->sample)->make)();
        } finally {
            fclose($held);
        }
    }

    public function failed(?Throwable $reason): void
    {
        $media = $this->waiting();
        if ($media !== null) {
            $this->refuse($media, Problem::of($reason));
        }
    }

    private function refuse(MediaRow $media, string $reason): void
    {
        $media->update(['state' => 'refused', 'problem' => mb_substr("$media->name could not be brought in: $reason.", 0, 250)]);
    }

    private function waiting(): ?MediaRow
    {
        return MediaRow::query()->whereKey($this->media)->where('state', 'checking')->first();
    }

    private function again(): self
    {
        return new self($this->media, $this->sample);
    }

    private function begin(): int
    {
        return MediaRow::begun($this->media);
    }
}
