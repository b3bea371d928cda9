<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Models\Upload;
use App\Transfer\ProjectImport;
use App\Work\Problem;
use Illuminate\Contracts\Queue\ShouldQueue;
use Throwable;

/** Makes a project of a project file that has come. */
final class OpenProject implements ShouldQueue
{
    use WorksOnClaim;

    public int $timeout = 3600;

    public function __construct(private readonly string $upload)
    {
        $this->onQueue('media');
    }

    public function handle(ProjectImport $import): void
    {
        $this->claimed(Upload::claimOf($this->upload), function () use ($import): void {
            $upload = $this->waiting();
            if ($upload !== null) {
                $import->open($upload);
                Upload::sweep($upload->file());
            }
        });
    }

    public function failed(?Throwable $reason): void
    {
        $upload = $this->waiting();
        if ($upload !== null) {
            $upload->update([
                'state' => 'refused',
                'problem' => mb_substr("{$upload->name} cannot be opened: ".Problem::of($reason).'.', 0, 250),
            ]);
            Upload::sweep($upload->file());
        }
    }

    private function waiting(): ?Upload
    {
        return Upload::query()->whereKey($this->upload)->where('state', 'opening')->first();
    }

    private function again(): self
    {
        return new self($this->upload);
    }

    private function begin(): int
    {
        Upload::query()->whereKey($this->upload)->increment('begun');

        return (int) Upload::query()->whereKey($this->upload)->value('begun');
    }
}
