<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Editing\Asked;
use App\Editing\Editor;
use App\Models\CompositionRow;
use App\Models\MediaRow;
use App\Models\ProjectRow;
use App\Models\Render;
use App\Removal\Removed;
use App\Removal\Room;
use Illuminate\Http\JsonResponse;
use Ricamo\Core\Json\Node;

/** What takes how much room, and what was removed. */
final class RoomController
{
    public function index(): JsonResponse
    {
        return new JsonResponse([
            'disk' => Room::disk(),
            'projects' => ProjectRow::present()->orderBy('name')->get()->map(fn (ProjectRow $project): array => [
                'id' => $project->id, 'name' => $project->name, ...Room::ofProject($project),
                'media' => MediaRow::present()->where('project_id', $project->id)->whereNotIn('state', MediaRow::UNSEEN)->get()
                    ->map(fn (MediaRow $media): array => [
                        'id' => $media->id, 'name' => $media->name, 'bytes' => Room::of($media),
                    ])->values(),
                'finished' => Render::present()->whereIn(
                    'composition_id', CompositionRow::present()->where('project_id', $project->id)->select('id'),
                )->latest('id')->get()
                    ->map(fn (Render $render): array => [
                        'id' => $render->id, 'name' => $render->name, 'bytes' => Room::of($render),
                    ])->values(),
            ]),
            'removed' => Removed::all(),
        ]);
    }

    /** What belongs to a project comes back by an edit of it. */
    public function restore(string $kind, int $id, Editor $editor): JsonResponse
    {
        $found = Removed::find($kind, $id);
        $edit = match (true) {
            $found instanceof CompositionRow => ['edit' => 'restore-composition', 'args' => ['composition' => $found->key]],
            $found instanceof MediaRow => ['edit' => 'restore-media', 'args' => ['media' => [$found->key()]]],
            default => null,
        };
        if ($edit === null) {
            $found->restore();
        } else {
            $request = new Node($edit);
            $editor->edit(Asked::inProject($found->project_id, $request), $request);
        }

        return new JsonResponse(['restored' => ['kind' => $kind, 'id' => $id]]);
    }

    /** For good. */
    public function erase(string $kind, int $id): JsonResponse
    {
        Removed::erase(Removed::find($kind, $id));

        return new JsonResponse(['erased' => ['kind' => $kind, 'id' => $id]]);
    }
}
