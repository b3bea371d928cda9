<?php

namespace App\Editing;

use App\Models\Change;
use App\Models\Composition;
use App\Models\Media;
use Closure;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Ricamo\Core\Edit\Edits;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Refusal;

/** The one way in which compositions change: document, revision and log entry in one transaction. */
final class Editor
{
    /** @return array<string, mixed> the answer to the one who asked */
    public function edit(int $id, Node $request): array
    {
        return $this->change($id, $request, 'edit', function (Composition $composition) use ($request): array {
            $edit = Edits::read($request);
            $after = $edit->apply($composition->read(), Media::libraryOf($composition->project_id));
            $this->edits($composition->id)->where('state', 'undone')->update(['state' => 'dropped']);

            return [Composition::encode($after), $edit->title(), json_encode(['edit' => $request->field('edit')->value, 'args' => $request->field('args')->value])];
        });
    }

    /** @return array<string, mixed> what the edit would show; nothing is kept */
    public function try(int $id, Node $request): array
    {
        $composition = Composition::query()->findOrFail($id);
        $media = Media::libraryOf($composition->project_id);
        $after = Edits::read($request)->apply($composition->read(), $media);

        return [
            'patch' => json_decode(Patch::between($composition->document, Composition::encode($after))),
            'revision' => $composition->revision,
            'glimpse' => Glimpse::read($request->optional('show'))->of($after, $media),
        ];
    }

    /** @return array<string, mixed> */
    public function undo(int $id, Node $request): array
    {
        return $this->change($id, $request, 'undo', fn (Composition $composition): array => $this->walk($composition, 'done', 'undone', 'desc', 'inverse'));
    }

    /** @return array<string, mixed> */
    public function redo(int $id, Node $request): array
    {
        return $this->change($id, $request, 'redo', fn (Composition $composition): array => $this->walk($composition, 'undone', 'done', 'asc', 'patch'));
    }

    /** @return array{undo: ?string, redo: ?string} what each would take back or bring back */
    public function history(int $id): array
    {
        return [
            'undo' => $this->edits($id)->where('state', 'done')->orderByDesc('revision')->value('title'),
            'redo' => $this->edits($id)->where('state', 'undone')->orderBy('revision')->value('title'),
        ];
    }

    /**
     * @param  Closure(Composition): array{string, string, ?string}  $make  the new document, what the change is called, and the request to log
     * @return array<string, mixed>
     */
    private function change(int $id, Node $request, string $kind, Closure $make): array
    {
        return DB::transaction(function () use ($id, $request, $kind, $make): array {
            $composition = Composition::query()->findOrFail($id);
            $known = $request->field('revision')->int(0, PHP_INT_MAX);
            if ($known !== $composition->revision) {
                throw new StaleRevision($id, $known, $composition->revision);
            }
            [$document, $title, $logged] = $make($composition);
            $patch = Patch::between($composition->document, $document);
            $changed = clone $composition;
            $changed->document = $document;
            $after = $changed->read();
            // Before anything is kept: a document that cannot be shown is not one to keep.
            $glimpse = Glimpse::read($request->optional('show'))->ofProject($after, $composition->project_id);
            Change::query()->insert([
                'composition_id' => $id,
                'revision' => $composition->revision + 1,
                'kind' => $kind,
                'title' => $title,
                'request' => $logged,
                'patch' => $patch,
                'inverse' => Patch::between($document, $composition->document),
                'created_at' => now(),
            ]);
            Composition::query()->whereKey($id)->update([
                'document' => $document, 'revision' => $composition->revision + 1, 'name' => $after->name,
            ]);

            return [
                'revision' => $composition->revision + 1,
                'patch' => json_decode($patch),
                'history' => $this->history($id),
                'glimpse' => $glimpse,
            ];
        });
    }

    /** @return array{string, string, null} */
    private function walk(Composition $composition, string $from, string $to, string $order, string $patch): array
    {
        $entry = $this->edits($composition->id)->where('state', $from)->orderBy('revision', $order)->first()
            ?? throw new Refusal($to === 'undone' ? 'there is nothing to undo' : 'there is nothing to redo');
        $this->edits($composition->id)->where('id', $entry->id)->update(['state' => $to]);

        return [Patch::apply($composition->document, $entry->{$patch}), $entry->title, null];
    }

    private function edits(int $id): Builder
    {
        return DB::table('changes')->where('composition_id', $id)->where('kind', 'edit');
    }
}
