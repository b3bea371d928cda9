<?php

declare(strict_types=1);

namespace App\Editing;

use App\Models\ChangeRow;
use App\Models\CompositionRow;
use App\Models\MediaRow;
use App\Models\ProjectRow;
use App\Models\Step;
use Closure;
use Illuminate\Support\Facades\DB;
use Ricamo\Core\Document\Project;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Edit\Edit;
use Ricamo\Core\Edit\Edits;
use Ricamo\Core\Edit\Snapping;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Evaluate\Memory;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Json\Text;
use Ricamo\Core\Kind\Text\TextBlocks;
use Ricamo\Core\Refusal;
use Ricamo\Raster\Draw\DrawnCovering;
use Ricamo\Raster\Media\Clips;

/** The one way in which projects change: documents, revisions and the step in the log in one transaction. */
final class Editor
{
    /** How often a change is worked out again because something of the project was changed in the meantime. */
    private const TRIES = 20;

    /** @return string the answer to the one who asked, JSON */
    public function edit(Asked $asked, Node $request): string
    {
        $edit = Edits::read($request);
        $kept = Text::of([
            'edit' => $request->field('edit')->value, 'args' => $request->field('args')->value,
            'composition' => $asked->composition?->key,
        ]);

        return $this->change($asked, $request, function (
            Project $before, Evaluator $evaluator, ?int $latest,
        ) use ($asked, $edit, $kept): Outcome {
            $settled = $this->settled($edit, $before, $asked);
            $after = $this->applied($settled, $before, $latest, $asked, $evaluator);
            $parts = Parts::between($before, $after);

            // What comes to the same is what is there: nothing is written, and no revision is made of it.
            $settledBy = $settled instanceof Snapping ? $settled->by() : null;
            $open = $this->toOpen($parts);

            return new Outcome($parts === [] ? $before : $after, $settledBy, $open, function () use ($asked, $edit, $kept, $parts): void {
                // What changes nothing is no step to undo.
                if ($parts !== []) {
                    Step::drop($asked->project, $asked->window);
                    Step::query()->insert([
                        'project_id' => $asked->project, 'window' => $asked->window, 'title' => $edit->title(), 'request' => $kept,
                        'parts' => Text::of(array_map(fn (Part $part): array => $part->toJson(), $parts)), 'created_at' => now(),
                    ]);
                }
            });
        });
    }

    /**
     * @return string what an edit within a composition would show, JSON; nothing is kept
     *
     * @throws Refusal for what is not done within a composition
     */
    public function try(CompositionRow $composition, Node $request): string
    {
        $edit = Edits::read($request);
        $before = $composition->read();
        if (! $edit instanceof CompositionEdit) {
            throw new Refusal('only what is done within a composition can be tried');
        }
        $evaluator = $composition->evaluator();
        $settled = Edits::settled($edit, $before);
        $after = Edits::apply($settled, $before, $evaluator);

        return Text::object([
            'by' => Text::of($settled instanceof Snapping ? $settled->by() : null),
            'met' => Text::of($settled instanceof Snapping ? $settled->met() : null),
            'patch' => Patch::between($before, $after),
            'revision' => (string) $composition->revision,
            'glimpse' => Glimpse::read($request->optional('show'))->of($after, $evaluator),
        ]);
    }

    /**
     * Takes back the last thing that this window did.
     *
     * @return string JSON
     *
     * @throws Refusal where there is nothing to undo
     */
    public function undo(Asked $asked, Node $request): string
    {
        return $this->change($asked, $request, function (Project $now) use ($asked): Outcome {
            $step = Step::toUndo($asked->project, $asked->window) ?? throw new Refusal('there is nothing to undo');

            return $this->walked($now, [[$step, true]], $asked);
        });
    }

    /**
     * @return string JSON
     *
     * @throws Refusal where there is nothing to redo
     */
    public function redo(Asked $asked, Node $request): string
    {
        return $this->change($asked, $request, function (Project $now) use ($asked): Outcome {
            $step = Step::toRedo($asked->project, $asked->window) ?? throw new Refusal('there is nothing to redo');

            return $this->walked($now, [[$step, false]], $asked);
        });
    }

    /** Goes along the log to where it was right after a step, whoever did what lies between. @return string JSON */
    public function go(Asked $asked, int $to, Node $request): string
    {
        return $this->change($asked, $request, function (Project $now) use ($asked, $to): Outcome {
            $back = Step::of($asked->project)->where('state', 'done')->where('id', '>', $to)->orderByDesc('id')->get();
            $again = Step::of($asked->project)->where('state', 'undone')->where('id', '<=', $to)->orderBy('id')->get();

            return $this->walked($now, [
                ...$back->map(fn (Step $step): array => [$step, true]), ...$again->map(fn (Step $step): array => [$step, false]),
            ], $asked);
        });
    }

    /**
     * @return array{changes: list<array{revision: int, patch: mixed}>, history: array{undo: ?string, redo: ?string},
     *     projectRevision: int, work: int} what happened after a revision
     */
    public function since(CompositionRow $composition, int $revision, string $window): array
    {
        return [
            'changes' => array_map(
                fn (ChangeRow $change): array => ['revision' => $change->revision, 'patch' => json_decode($change->patch)],
                ChangeRow::since($composition->id, $revision),
            ),
            'history' => Step::history($composition->project_id, $window),
            'projectRevision' => $composition->project->revision,
            'work' => ProjectRow::work($composition->project_id),
        ];
    }

    /**
     * Works out the change first, and takes the database's one lock for writing only to keep it.
     *
     * @param  Closure(Project, Evaluator, ?int): Outcome  $make
     * @return string JSON
     */
    private function change(Asked $asked, Node $request, Closure $make): string
    {
        for ($try = 1; ; $try++) {
            try {
                return $this->changeOnce($asked, $request, $make);
            } catch (StaleProject $stale) {
                if ($try === self::TRIES) {
                    throw $stale;
                }
            }
        }
    }

    /** @param  Closure(Project, Evaluator, ?int): Outcome  $make */
    private function changeOnce(Asked $asked, Node $request, Closure $make): string
    {
        $record = ProjectRecord::of($asked->project);
        $before = $record->document;
        $shown = $asked->composition === null ? null : $before->compositions->get($asked->composition->key);
        $evaluator = new Evaluator(
            $before->library(), app(TextBlocks::class), app(Memory::class),
            covering: new DrawnCovering(fn (): Clips => MediaRow::clipsOf($asked->project)),
        );
        $latest = $shown === null ? null : $record->composition($shown->id)?->revision;
        $outcome = $make($before, $evaluator, $latest);
        $after = $outcome->after;
        // Before anything is kept: a document that cannot be shown is not one to keep.
        $isThere = $shown !== null && $after->compositions->has($shown->id);
        $now = $isThere ? $after->compositions->get($shown->id) : null;
        $glimpse = $now === null ? 'null' : Glimpse::read($request->optional('show'))->of($now, $evaluator->showing($after->library()));
        [$changed, $history] = DB::transaction(function () use ($record, $outcome, $asked): array {
            $changed = $record->keep($outcome->after);
            ($outcome->keep)();

            return [$changed, Step::history($asked->project, $asked->window)];
        });
        [$revision, $patch] = $shown === null ? [null, '[]'] : $changed[$shown->id] ?? [$record->composition($shown->id)?->revision, '[]'];

        return Text::object([
            'revision' => Text::of($revision),
            'by' => Text::of($outcome->by),
            'patch' => $patch,
            'missed' => $this->missed($asked, $latest),
            'history' => Text::of($history),
            'glimpse' => $glimpse,
            'project' => ProjectSummary::changed($before, $after) ? Text::of(ProjectSummary::of($asked->project)) : 'null',
            'open' => Text::of($this->open($asked, $outcome, $after)),
        ]);
    }

    /**
     * An edit that was made on an older state is done on the newest, where it touches something else than was changed since.
     *
     * @param  ?int  $latest  the composition's revision, as $before has it
     *
     * @throws Conflict where it does not, or cannot be done any more
     */
    private function applied(Edit $edit, Project $before, ?int $latest, Asked $asked, Evaluator $evaluator): Project
    {
        if ($asked->composition === null || $asked->revision === $latest) {
            return Edits::applyTo($before, $edit, $asked->composition?->key, $evaluator);
        }
        $missed = ChangeRow::since($asked->composition->id, $asked->revision, (int) $latest);
        $conflict = new Conflict($asked->composition->id, $asked->revision);
        if (count($missed) !== $latest - $asked->revision) {
            throw $conflict;
        }
        try {
            $after = Edits::applyTo($before, $edit, $asked->composition->key, $evaluator);
        } catch (Refusal) {
            throw $conflict;
        }
        $isThere = $after->compositions->has($asked->composition->key);
        $touched = $isThere
            ? Touched::between($before->compositions->get($asked->composition->key), $after->compositions->get($asked->composition->key))
            : null;
        foreach ($missed as $change) {
            if ($touched === null || $change->touched === null || Touched::decode($change->touched)->meets($touched)) {
                throw $conflict;
            }
        }

        return $after;
    }

    /** @return string JSON: what led from what the one who asks knows to what the change was made on */
    private function missed(Asked $asked, ?int $latest): string
    {
        $missed = $asked->composition === null || $latest === null || $asked->revision >= $latest
            ? []
            : ChangeRow::since($asked->composition->id, $asked->revision, $latest);

        return Text::list(array_map(
            fn (ChangeRow $change): string => Text::object(['revision' => (string) $change->revision, 'patch' => $change->patch]),
            $missed,
        ));
    }

    private function settled(Edit $edit, Project $project, Asked $asked): Edit
    {
        return $edit instanceof Snapping && $asked->composition !== null
            ? Edits::settled($edit, $project->compositions->get($asked->composition->key))
            : $edit;
    }

    /**
     * @param  list<array{Step, bool}>  $walk  steps in the order in which they are gone along, and whether back
     */
    private function walked(Project $now, array $walk, Asked $asked): Outcome
    {
        $touched = [];
        foreach ($walk as [$step, $isBack]) {
            $parts = Part::readAll($step->parts);
            try {
                $now = Parts::turned($now, $parts, $isBack);
            } catch (BuiltUpon) {
                throw new Refusal($this->whyNot($step, $parts, $isBack));
            }
            $touched = $parts;
        }

        return new Outcome($now, null, $this->toOpen($touched), function () use ($walk, $asked): void {
            foreach ($walk as [$step, $isBack]) {
                $changed = Step::query()->whereKey($step->id)->where('state', $isBack ? 'done' : 'undone')
                    ->update($isBack ? ['state' => 'undone', 'undone_by' => $asked->window] : ['state' => 'done', 'undone_by' => null]);
                if ($changed === 0) {
                    throw new StaleProject;
                }
            }
        });
    }

    /** @param  list<Part>  $parts */
    private function whyNot(Step $step, array $parts, bool $isBack): string
    {
        $way = $isBack ? 'undone' : 'redone';
        $later = Step::of($step->project_id)->where('state', 'done')->where('id', '>', $step->id)->orderBy('id')->get()
            ->first(fn (Step $other): bool => array_filter(
                Part::readAll($other->parts), fn (Part $part): bool => array_filter($parts, $part->meets(...)) !== [],
            ) !== []);
        $reason = $later === null ? 'something else has been built on it' : "“{$later->title}” has been built on it since";

        return "“{$step->title}” cannot be $way by itself: $reason. The history goes back beyond both.";
    }

    /**
     * @param  list<Part>  $parts
     * @return list<string> the ids of compositions in which something of this is seen, the nearest first
     */
    private function toOpen(array $parts): array
    {
        $inside = array_filter(
            $parts,
            fn (Part $part): bool => in_array(
                $part->place, [ChangedPlace::Head, ChangedPlace::Stack, ChangedPlace::Layer, ChangedPlace::Made], true,
            ),
        );

        return array_values(array_unique(array_map(fn (Part $part): string => $part->of, $inside)));
    }

    /** @return ?int the composition to go to; null to stay */
    private function open(Asked $asked, Outcome $outcome, Project $after): ?int
    {
        if ($asked->composition === null) {
            return null;
        }
        $seen = array_values(array_filter($outcome->seenIn, $after->compositions->has(...)));
        $isThere = $after->compositions->has($asked->composition->key);
        if ($isThere && ($seen === [] || in_array($asked->composition->key, $seen, true))) {
            return null;
        }

        return CompositionRow::query()->where('project_id', $asked->project)->where(
            'key', $seen[0] ?? $after->compositions->ids()[0],
        )->value('id');
    }
}
