<?php

declare(strict_types=1);

namespace App\Editing;

use App\Models\CompositionRow;
use App\Models\MediaRow;
use App\Models\ProjectRow;
use Ricamo\Core\Document\Project;
use Ricamo\Core\Document\StoredComposition;

/** What a window shows of a project beside the open composition. */
final class ProjectSummary
{
    /** @return array<string, mixed> */
    public static function of(int $id): array
    {
        $project = ProjectRow::query()->with(['media', 'compositions:id,project_id,key,name,folder,place'])->findOrFail($id);

        return [
            'id' => $project->id,
            'name' => $project->name,
            'revision' => $project->revision,
            'compositions' => $project->compositions->map(fn (CompositionRow $one): array => $one->only(['id', 'key', 'name', 'folder']))->values(),
            'media' => $project->media->map(fn (MediaRow $media): array => $media->summary())->values(),
            ...$project->kept(),
        ];
    }

    /** Whether there is something new in it. */
    public static function changed(Project $before, Project $after): bool
    {
        $names = fn (Project $project): array => array_map(
            fn (StoredComposition $entry): array => [$entry->name, $entry->folder], $project->compositions->entries(),
        );

        return $before->name !== $after->name
            || $before->kept !== $after->kept
            || $before->compositions->ids() !== $after->compositions->ids()
            || $names($before) !== $names($after)
            || $after->media->changedFrom($before->media) !== [];
    }
}
