<?php

namespace App\Jobs;

use App\Models\Upload;
use App\Transfer\ProjectImport;
use App\Work\Problem;
use App\Work\StopSignal;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Throwable;

/** Makes a project of a project file that has come. */
final class OpenProject implements ShouldQueue
{
    use Queueable;

    public int $timeout = 3600;

    public int $tries = 1;

    public function __construct(private readonly string $upload)
    {
        $this->onQueue('media');
    }

    public function handle(ProjectImport $import): void
    {
        StopSignal::listen();
        $upload = Upload::query()->find($this->upload);
        if ($upload === null || $upload->state !== 'opening') {
            return;
        }
        $composition = $import->open($upload->file());
        $upload->update(['state' => 'opened', 'composition_id' => $composition->id]);
        @unlink($upload->file());
    }

    public function failed(?Throwable $reason): void
    {
        $upload = Upload::query()->find($this->upload);
        if ($upload !== null) {
            $upload->update(['state' => 'refused', 'problem' => mb_substr("{$upload->name} cannot be opened: ".Problem::of($reason).'.', 0, 250)]);
            @unlink($upload->file());
        }
    }
}
