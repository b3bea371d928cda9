<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Editing\Asked;
use App\Editing\Editor;
use App\Editing\ProjectSummary;
use App\Http\JsonBody;
use App\Http\QueryText;
use App\Models\ProjectRow;
use App\Models\Step;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** A project as a whole: what it holds, what is done to it, and what was. */
final class ProjectEditController
{
    /** How many steps of the history are shown. */
    private const SHOWN = 200;

    public function __construct(private readonly Editor $editor)
    {
    }

    public function show(int $project): JsonResponse
    {
        return new JsonResponse(ProjectSummary::of(ProjectRow::present()->findOrFail($project, ['id'])->id));
    }

    public function store(Request $request, int $project): JsonResponse
    {
        $body = JsonBody::of($request);

        return JsonResponse::fromJsonString($this->editor->edit(Asked::inProject($project, $body), $body));
    }

    /** The latest steps first. */
    public function history(Request $request, int $project): JsonResponse
    {
        $window = QueryText::of($request, 'window') ?? '';
        $found = ProjectRow::present()->findOrFail($project, ['id']);
        $steps = Step::of($found->id)->where('state', '!=', 'dropped')->orderByDesc('id')->limit(self::SHOWN)->get([
            'id', 'title', 'state', 'window', 'request', 'created_at',
        ]);
        $names = $found->compositions()->pluck('name', 'key');

        return new JsonResponse(['steps' => $steps->map(fn (Step $step): array => [
            'id' => $step->id,
            'title' => $step->title,
            'composition' => $names[json_decode($step->request)->composition ?? ''] ?? null,
            'undone' => $step->state === 'undone',
            'own' => $step->window === $window,
            'at' => $step->created_at?->toIso8601String(),
        ])]);
    }
}
