<?php

namespace App\Http\Controllers;

use App\Jobs\PrepareMedia;
use App\Media\Intake;
use App\Models\Media;
use App\Models\Project;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Ricamo\Core\Refusal;

final class MediaController
{
    public function index(int $project): JsonResponse
    {
        return new JsonResponse(['media' => Media::query()->where('project_id', $project)->orderBy('id')->get()
            ->map(fn (Media $media): array => $media->summary())]);
    }

    public function store(Request $request, int $project, Intake $intake): JsonResponse
    {
        $owner = Project::query()->findOrFail($project);
        $upload = $request->file('file');
        if (! $upload instanceof UploadedFile || ! $upload->isValid()) {
            throw new Refusal($upload instanceof UploadedFile ? "{$upload->getClientOriginalName()}: the upload did not arrive whole" : 'no file arrived; it may be larger than the server takes');
        }
        $media = $intake->take($owner, $upload->getRealPath(), $upload->getClientOriginalName());

        return new JsonResponse($media->summary(), $media->wasRecentlyCreated ? 201 : 200);
    }

    /** Prepares a clip again whose preparation failed or was cut short. */
    public function prepare(Media $media): JsonResponse
    {
        $media->update(['state' => 'waiting', 'problem' => null]);
        PrepareMedia::dispatch($media->id);

        return new JsonResponse($media->summary());
    }
}
