<?php

namespace App\Http\Controllers;

use App\Editing\Editor;
use App\Http\JsonBody;
use App\Http\LastOpened;
use App\Models\Composition;
use App\Models\Media;
use App\Models\Project;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Ricamo\Core\Document\Composition as Document;
use Ricamo\Core\Evaluate\SoundCue;
use Ricamo\Core\Evaluate\SoundPlan;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Refusal;

final class CompositionController
{
    public function show(int $composition, Editor $editor): JsonResponse
    {
        $found = Composition::present()->with(['project.media', 'project.compositions:id,project_id,name'])->findOrFail($composition);

        return (new JsonResponse([
            'id' => $found->id,
            'document' => json_decode($found->document),
            // After the document, whose revision it is.
            'revision' => $found->revision,
            'history' => $editor->history($found->id),
            'project' => ['id' => $found->project->id, 'name' => $found->project->name],
            'compositions' => $found->project->compositions->map->only(['id', 'name'])->values(),
            'media' => $found->project->media->map(fn (Media $media): array => $media->summary())->values(),
        ]))->withCookie(LastOpened::cookie($found->id));
    }

    /** Makes an empty composition. The body says its name, width, height, rate and length. */
    public function store(Request $request, int $project): JsonResponse
    {
        $owner = Project::present()->findOrFail($project);
        $body = JsonBody::of($request)->allow(['name', 'width', 'height', 'rate', 'length', 'background']);
        $document = Document::read(new Node(['id' => 'composition', 'layers' => [], ...$body->object()]));
        $made = Composition::store($owner->id, $document);

        return new JsonResponse(['id' => $made->id], 201);
    }

    public function sounds(int $composition): JsonResponse
    {
        $found = Composition::present()->findOrFail($composition);
        $document = $found->read();
        $cues = SoundPlan::of($document, Media::libraryOf($found->project_id), $document->range());

        return new JsonResponse(['cues' => array_map(fn (SoundCue $cue): array => $cue->toJson(), $cues)]);
    }

    /** Removes it, to be brought back if wished. A project keeps at least one. */
    public function destroy(int $composition): JsonResponse
    {
        $found = Composition::present()->findOrFail($composition);
        if ($found->project->compositions()->count() < 2) {
            throw new Refusal("“{$found->name}” is the only composition of its project; remove the project instead.");
        }
        $found->remove();

        return new JsonResponse(['removed' => ['kind' => 'composition', 'id' => $found->id], 'next' => $found->project->compositions()->orderBy('id')->value('id')]);
    }
}
