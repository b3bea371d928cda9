<?php

namespace App\Editing;

use App\Models\Change;
use App\Models\Composition;
use Closure;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Ricamo\Core\Edit\DrawnIn;
use Ricamo\Core\Edit\Edits;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Json\Text;
use Ricamo\Core\Refusal;

/** The one way in which compositions change: document, revision and log entry in one transaction. */
final class Editor
{
    /** @return string the answer to the one who asked, JSON */
    public function edit(int $id, Node $request): string
    {
        return $this->change($id, $request, 'edit', function (Composition $composition, Evaluator $evaluator) use ($request): Step {
            $before = $composition->read();
            $edit = Edits::settled(Edits::read($request), $before);
            $after = Edits::apply($edit, $before, $evaluator);
            $kept = json_encode(['edit' => $request->field('edit')->value, 'args' => $request->field('args')->value], JSON_THROW_ON_ERROR);

            return new Step(
                $after, Patch::between($before, $after), Patch::between($after, $before), $edit->title(), $kept,
                fn () => $this->edits($composition->id)->where('state', 'undone')->update(['state' => 'dropped']), $edit instanceof DrawnIn ? $edit->by() : null,
            );
        });
    }

    /** @return string what the edit would show, JSON; nothing is kept */
    public function try(int $id, Node $request): string
    {
        $composition = Composition::present()->findOrFail($id);
        $evaluator = $composition->evaluator();
        $before = $composition->read();
        $edit = Edits::settled(Edits::read($request), $before);
        $after = Edits::apply($edit, $before, $evaluator);

        return Text::object([
            'by' => Text::of($edit instanceof DrawnIn ? $edit->by() : null),
            'patch' => Patch::between($before, $after),
            'revision' => (string) $composition->revision,
            'glimpse' => Glimpse::read($request->optional('show'))->of($after, $evaluator),
        ]);
    }

    /** @return string JSON */
    public function undo(int $id, Node $request): string
    {
        return $this->change($id, $request, 'undo', function (Composition $composition): Step {
            $entry = $this->edits($composition->id)->where('state', 'done')->orderByDesc('revision')->first() ?? throw new Refusal('there is nothing to undo');

            return new Step(
                Patch::apply($composition->document, $entry->inverse), $entry->inverse, $entry->patch, $entry->title,
                mark: fn () => $this->edits($composition->id)->where('id', $entry->id)->update(['state' => 'undone']),
            );
        });
    }

    /** @return string JSON */
    public function redo(int $id, Node $request): string
    {
        return $this->change($id, $request, 'redo', function (Composition $composition): Step {
            $entry = $this->edits($composition->id)->where('state', 'undone')->orderBy('revision')->first() ?? throw new Refusal('there is nothing to redo');

            return new Step(
                Patch::apply($composition->document, $entry->patch), $entry->patch, $entry->inverse, $entry->title,
                mark: fn () => $this->edits($composition->id)->where('id', $entry->id)->update(['state' => 'done']),
            );
        });
    }

    /** @return array{changes: list<array{revision: int, patch: mixed}>, history: array{undo: ?string, redo: ?string}} what happened after a revision */
    public function since(int $id, int $revision): array
    {
        $changes = Change::query()->where('composition_id', $id)->where('revision', '>', $revision)->orderBy('revision')->get(['revision', 'patch']);

        return [
            'changes' => array_values($changes->map(fn (Change $change): array => [
                'revision' => $change->revision, 'patch' => json_decode($change->patch),
            ])->all()),
            'history' => $this->history($id),
        ];
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
     * Works out the change first, and takes the database's one lock for writing only to keep it.
     *
     * @param  Closure(Composition, Evaluator): Step  $make
     * @return string JSON
     */
    private function change(int $id, Node $request, string $kind, Closure $make): string
    {
        $composition = Composition::present()->findOrFail($id);
        $known = $request->field('revision')->int(0, PHP_INT_MAX);
        if ($known !== $composition->revision) {
            throw new StaleRevision($id, $known, $composition->revision);
        }
        $evaluator = $composition->evaluator();
        $step = $make($composition, $evaluator);
        // Before anything is kept: a document that cannot be shown is not one to keep.
        $glimpse = Glimpse::read($request->optional('show'))->of($step->after, $evaluator);
        // What changes nothing is no step to undo.
        $isChange = $kind !== 'edit' || $step->patch !== '[]';
        $history = $isChange ? $this->keep($composition, $step, $kind) : $this->history($id);

        return Text::object([
            'revision' => (string) ($known + ($isChange ? 1 : 0)),
            'by' => Text::of($step->by),
            'patch' => $step->patch,
            'history' => Text::of($history),
            'glimpse' => $glimpse,
        ]);
    }

    /**
     * @return array{undo: ?string, redo: ?string}
     *
     * @throws StaleRevision where another change was kept in the meantime
     */
    private function keep(Composition $composition, Step $step, string $kind): array
    {
        return DB::transaction(function () use ($composition, $step, $kind): array {
            if (! $composition->keep($step->after)) {
                $latest = (int) Composition::present()->findOrFail($composition->id, ['id', 'revision'])->revision;
                throw new StaleRevision($composition->id, $composition->revision, $latest);
            }
            if ($step->mark !== null) {
                ($step->mark)();
            }
            Change::query()->insert([
                'composition_id' => $composition->id,
                'revision' => $composition->revision + 1,
                'kind' => $kind,
                'title' => $step->title,
                'request' => $step->request,
                'patch' => $step->patch,
                'inverse' => $step->inverse,
                'created_at' => now(),
            ]);

            return $this->history($composition->id);
        });
    }

    private function edits(int $id): Builder
    {
        return DB::table('changes')->where('composition_id', $id)->where('kind', 'edit');
    }
}
