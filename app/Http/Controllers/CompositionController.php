<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Editing\DocumentText;
use App\Editing\ProjectSummary;
use App\Http\LastOpened;
use App\Http\QueryText;
use App\Models\CompositionRow;
use App\Models\ProjectRow;
use App\Models\Step;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Ricamo\Core\Evaluate\SoundCue;
use Ricamo\Core\Evaluate\SoundPlan;
use Ricamo\Core\Guide\TimeMarks;

final class CompositionController
{
    public function show(Request $request, int $composition): JsonResponse
    {
        $found = CompositionRow::present()->findOrFail($composition);
        $document = DocumentText::whole($found->read());

        return (new JsonResponse([
            'id' => $found->id,
            'document' => json_decode($document),
            // After the document, whose revision it is.
            'revision' => $found->revision,
            'work' => ProjectRow::work($found->project_id),
            'history' => Step::history($found->project_id, QueryText::of($request, 'window') ?? ''),
            'project' => ProjectSummary::of($found->project_id),
        ]))->withCookie(LastOpened::cookie($found->id));
    }

    /** The frames that the playhead is drawn to while it is dragged. */
    public function marks(Request $request, int $composition): JsonResponse
    {
        $layers = array_values(array_filter((array) $request->query('layers'), is_string(...)));

        return new JsonResponse(['frames' => TimeMarks::forPlayhead(CompositionRow::present()->findOrFail($composition)->read(), $layers)]);
    }

    public function sounds(int $composition): JsonResponse
    {
        $found = CompositionRow::present()->findOrFail($composition);
        $document = $found->read();
        $cues = SoundPlan::of($document, ProjectRow::libraryOf($found->project_id), $document->range());

        return new JsonResponse(['cues' => array_map(fn (SoundCue $cue): array => $cue->toJson(), $cues)]);
    }
}
