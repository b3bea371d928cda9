<?php

declare(strict_types=1);

namespace App\Editing;

use App\Models\Composition;
use App\Models\Media;
use App\Models\Project;
use Ricamo\Core\Document\Project as Document;
use Ricamo\Core\Document\StoredComposition;

/** What a window shows of a project beside the open composition. */
final class ProjectSummary
{
    /** @return array<string, mixed> */
    public static function of(int $id): array
    {
        $project = Project::query()->with(['media', 'compositions:id,project_id,key,name,place'])->findOrFail($id);

        return [
            'id' => $project->id,
            'name' => $project->name,
            'revision' => $project->revision,
            'compositions' => $project->compositions->map(fn (Composition $one): array => $one->only(['id', 'key', 'name']))->values(),
            'media' => $project->media->map(fn (Media $media): array => $media->summary())->values(),
            ...$project->kept(),
        ];
    }

    /** Whether there is something new in it. */
    public static function changed(Document $before, Document $after): bool
    {
        $names = fn (Document $project): array => array_map(fn (StoredComposition $entry): string => $entry->name, $project->compositions->entries());

        return $before->name !== $after->name
            || $before->kept !== $after->kept
            || $before->compositions->ids() !== $after->compositions->ids()
            || $names($before) !== $names($after)
            || $after->media->changedFrom($before->media) !== [];
    }
}
