<?php

namespace App\Http\Controllers;

use App\Editing\Editor;
use App\Http\JsonBody;
use App\Models\Composition;
use App\Models\Media;
use App\Models\Project;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Ricamo\Core\Document\Composition as Document;
use Ricamo\Core\Evaluate\SoundCue;
use Ricamo\Core\Evaluate\SoundPlan;
use Ricamo\Core\Json\Node;

final class CompositionController
{
    public function show(int $composition, Editor $editor): JsonResponse
    {
        $found = Composition::query()->with(['project.media', 'project.compositions:id,project_id,name'])->findOrFail($composition);
        $found->forceFill(['opened_at' => now()])->saveQuietly();

        return new JsonResponse([
            'id' => $found->id,
            'revision' => $found->revision,
            'document' => json_decode($found->document),
            'history' => $editor->history($found->id),
            'project' => ['id' => $found->project->id, 'name' => $found->project->name],
            'compositions' => $found->project->compositions->map->only(['id', 'name'])->values(),
            'media' => $found->project->media->map(fn (Media $media): array => $media->summary())->values(),
        ]);
    }

    /** Makes an empty composition. The body says its name, width, height, rate and length. */
    public function store(Request $request, int $project): JsonResponse
    {
        $owner = Project::query()->findOrFail($project);
        $body = JsonBody::of($request)->allow(['name', 'width', 'height', 'rate', 'length', 'background']);
        $document = Document::read(new Node(['id' => 'composition', 'layers' => [], ...$body->object()]));
        $made = $owner->compositions()->create(['name' => $document->name, 'document' => Composition::encode($document), 'opened_at' => now()]);

        return new JsonResponse(['id' => $made->id], 201);
    }

    public function sounds(int $composition): JsonResponse
    {
        $found = Composition::query()->findOrFail($composition);
        $document = $found->read();
        $cues = SoundPlan::of($document, Media::libraryOf($found->project_id), $document->range());

        return new JsonResponse(['cues' => array_map(fn (SoundCue $cue): array => $cue->toJson(), $cues)]);
    }
}
