<?php

namespace App\Http\Controllers;

use App\Http\JsonBody;
use App\Models\Project;
use App\Projects\NewProject;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final class ProjectController
{
    public function index(): JsonResponse
    {
        return new JsonResponse(['projects' => Project::query()
            ->with('compositions:id,project_id,name')->orderByDesc('updated_at')->get()
            ->map(fn (Project $project): array => [
                'id' => $project->id,
                'name' => $project->name,
                'compositions' => $project->compositions->map->only(['id', 'name'])->values(),
            ])]);
    }

    public function store(Request $request): JsonResponse
    {
        $composition = NewProject::named(JsonBody::of($request)->field('name')->name());

        return new JsonResponse(['id' => $composition->project_id, 'composition' => $composition->id], 201);
    }
}
