<?php

declare(strict_types=1);

namespace App\Media;

use App\Models\MediaRow;
use App\Models\ProjectRow;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Support\Facades\DB;
use Ricamo\Core\Refusal;

/** Brings media of other projects on this server into one: each keeps its name and its content, and is not kept twice. */
final readonly class Along
{
    public function __construct(private Intake $intake)
    {
    }

    /**
     * @param  list<string>  $keys  by which documents refer to them
     * @return array<string, string> the key in the project of each that was not one of its own
     *
     * @throws Refusal for those that are not on this server
     */
    public function bring(ProjectRow $project, array $keys): array
    {
        $sources = array_map($this->source(...), array_combine($keys, $keys));
        $others = array_filter($sources, fn (MediaRow $source): bool => $source->project_id !== $project->id);

        return array_map(fn (MediaRow $source): string => $this->taken($source, $project)->key(), $others);
    }

    private function source(string $key): MediaRow
    {
        $source = MediaRow::query()->whereKey(MediaRow::idOf($key))->whereNotIn('state', MediaRow::UNSEEN)->first();

        return $source !== null && is_file($source->original())
            ? $source
            : throw new Refusal('the layers use media that are not on this server');
    }

    /** One that is in the project already is used; where it was removed, it is back. */
    private function taken(MediaRow $source, ProjectRow $project): MediaRow
    {
        $twin = fn (): ?MediaRow => MediaRow::query()->where('project_id', $project->id)->where('hash', $source->hash)->first();
        $known = $twin();
        if ($known === null) {
            try {
                // Both or neither: what is there is prepared, whenever the server is killed.
                $known = DB::transaction(function () use ($source, $project): MediaRow {
                    $made = MediaRow::query()->create([
                        'project_id' => $project->id, 'state' => 'waiting',
                        ...$source->only(['name', 'folder', 'hash', 'clip', 'drawing', 'preview', 'bytes', 'rate']),
                    ]);
                    $this->intake->prepare($made);

                    return $made;
                });
            } catch (UniqueConstraintViolationException) {
                // Another window brought it a little sooner.
                $known = $twin() ?? throw new Refusal('the layers use media that were removed meanwhile');
            }
        }
        if ($known->removed_at !== null) {
            $known->restore();
        }

        return $known;
    }
}
