<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Jobs\TakeSample;
use App\Models\MediaRow;
use App\Models\ProjectRow;
use App\Samples\Sample;
use App\Samples\Shelf;
use Illuminate\Http\JsonResponse;

/** Samples to begin with. */
final class ShelfController
{
    public function __construct(private readonly Shelf $shelf)
    {
    }

    public function index(): JsonResponse
    {
        return new JsonResponse(['samples' => array_map(fn (Sample $sample): array => $sample->toJson(), $this->shelf->all())]);
    }

    /** Brings one into a project; what came of it is told as of any file that has come. */
    public function take(int $project, string $sample): JsonResponse
    {
        $found = ProjectRow::present()->findOrFail($project);
        $one = $this->shelf->get($sample);
        $media = MediaRow::query()->create([
            'project_id' => $found->id, 'name' => $one->file, 'state' => 'checking', 'attempt' => "sample:$one->id",
            'bytes' => 0,
        ]);
        TakeSample::dispatch($media->id, $one->id);

        return new JsonResponse(['media' => $media->id], 202);
    }
}
