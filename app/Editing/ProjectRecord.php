<?php

declare(strict_types=1);

namespace App\Editing;

use App\Models\ChangeRow;
use App\Models\CompositionRow;
use App\Models\MediaRow;
use App\Models\ProjectRow;
use Illuminate\Database\Eloquent\Builder;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Compositions;
use Ricamo\Core\Document\Kept;
use Ricamo\Core\Document\Media;
use Ricamo\Core\Document\Project;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Json\Text;

/** A project as it is stored, of which only what is asked for is read, and only what was changed is written. */
final readonly class ProjectRecord
{
    /** @param  array<array-key, CompositionRow>  $rows  by key, those that are removed included */
    private function __construct(public ProjectRow $row, private array $rows, public Project $document)
    {
    }

    public static function of(int $id): self
    {
        $row = ProjectRow::present()->findOrFail($id);
        $rows = CompositionRow::query()->where('project_id', $id)->orderBy('place')->orderBy('id')
            ->get(['id', 'project_id', 'key', 'name', 'folder', 'place', 'revision', 'removed_at'])->keyBy('key')->all();
        $present = array_filter($rows, fn (CompositionRow $one): bool => $one->removed_at === null);

        return new self($row, $rows, new Project(
            $row->name,
            MediaRow::libraryOf($id),
            Compositions::stored(array_map(fn (CompositionRow $one) => $one->stub(), $rows), array_map(strval(...), array_keys($present))),
            Kept::read(new Node(array_map(
                fn (string $list): mixed => Node::decode($row->getAttribute($list))->value,
                array_combine(Kept::LISTS, Kept::LISTS),
            ))),
        ));
    }

    /** The row of a composition, removed or not. */
    public function composition(string $key): ?CompositionRow
    {
        return $this->rows[$key] ?? null;
    }

    /**
     * Writes what is other than it was read. To be called within a transaction.
     *
     * @return array<string, array{int, string}> of each composition that was changed, by key, its latest revision and the patch
     *     that led there
     *
     * @throws StaleProject where a composition or the project was changed since it was read
     */
    public function keep(Project $after): array
    {
        $before = $this->document;
        $changed = [];
        $made = false;
        foreach ($after->compositions->changedFrom($before->compositions) as $entry) {
            if ($before->compositions->knows($entry->id)) {
                $changed[$entry->id] = $this->keepComposition(
                    $before->compositions->entry($entry->id)->composition(), $entry->composition(),
                );
            } else {
                CompositionRow::store($this->row->id, $entry->composition());
                $made = true;
            }
        }
        $media = $after->media->changedFrom($before->media);
        if ($made || $media !== [] || $this->isArrangedAnew($after) || $this->isNamedAnew($after)) {
            $this->keepProject($after, $media);
        }

        return $changed;
    }

    private function isArrangedAnew(Project $after): bool
    {
        return $after->compositions->ids() !== $this->document->compositions->ids();
    }

    private function isNamedAnew(Project $after): bool
    {
        return $after->name !== $this->document->name || $after->kept !== $this->document->kept;
    }

    /** @return array{int, string} its latest revision and the patch that led there */
    private function keepComposition(Composition $before, Composition $after): array
    {
        $row = $this->rows[$after->id];
        $patch = Patch::between($before, $after);
        if (! $row->keep($after)) {
            throw new StaleProject;
        }
        ChangeRow::query()->insert([
            'composition_id' => $row->id, 'revision' => $row->revision + 1, 'patch' => $patch,
            'touched' => Touched::between($before, $after)->encode(), 'created_at' => now(),
        ]);

        return [$row->revision + 1, $patch];
    }

    /** @param  list<Media>  $media */
    private function keepProject(Project $after, array $media): void
    {
        $isKept = ProjectRow::query()->whereKey($this->row->id)->where('revision', $this->row->revision)->update([
            'revision' => $this->row->revision + 1, 'name' => $after->name, ...array_map(Text::of(...), $after->kept->toJson()),
        ]) > 0;
        if (! $isKept) {
            throw new StaleProject;
        }
        if ($this->isArrangedAnew($after)) {
            $this->arrange($after->compositions->ids());
        }
        foreach ($media as $one) {
            MediaRow::query()->where('project_id', $this->row->id)->whereKey(MediaRow::idOf($one->id))
                ->update(['name' => $one->name, 'folder' => $one->folder, 'removed_at' => $one->removed ? now() : null]);
        }
    }

    /** @param  list<string>  $keys  of the compositions that the project has now; the others are removed */
    private function arrange(array $keys): void
    {
        $compositions = fn (): Builder => CompositionRow::query()->where('project_id', $this->row->id);
        foreach ($keys as $place => $key) {
            $compositions()->where('key', $key)->update(['place' => $place, 'removed_at' => null]);
        }
        $compositions()->whereNotIn('key', $keys)->whereNull('removed_at')->update(['removed_at' => now()]);
    }
}
