<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\JsonBody;
use App\Models\ProjectRow;
use App\Projects\NewProject;
use App\Transfer\ProjectExport;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Str;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

final class ProjectController
{
    public function index(): JsonResponse
    {
        return new JsonResponse(['projects' => ProjectRow::present()
            ->with('compositions:id,project_id,name')->orderByDesc('updated_at')->get()
            ->map(fn (ProjectRow $project): array => [
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

    /** Removes it with all that belongs to it, to be brought back if wished. */
    public function destroy(int $project): JsonResponse
    {
        $found = ProjectRow::present()->findOrFail($project);
        $found->remove();

        return new JsonResponse(['removed' => ['kind' => 'project', 'id' => $found->id]]);
    }

    /** A project file with its media, or only what it says. */
    public function export(int $project, string $ending, ProjectExport $export): BinaryFileResponse|Response
    {
        $found = ProjectRow::present()->findOrFail($project);
        $name = (Str::slug($found->name) ?: 'project');

        return $ending === 'json'
            ? new Response(
                $export->json($found), 200,
                ['Content-Type' => 'application/json', 'Content-Disposition' => "attachment; filename=\"$name.json\""],
            )
            : response()->download($export->archive($found), "$name.ricamo", ['Content-Type' => 'application/zip'])->deleteFileAfterSend();
    }
}
