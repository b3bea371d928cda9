<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\CompositionRow;
use App\Models\Step;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Tests\TestCase;

/** One log for all that is done to a project, from several windows at once. */
final class ProjectLogTest extends TestCase
{
    /** @param  array<string, mixed>  $args */
    private function in(string $window, CompositionRow $composition, string $edit, array $args): TestResponse
    {
        return $this->postJson("/api/compositions/{$composition->id}/edits", [
            'edit' => $edit, 'args' => $args, 'revision' => $composition->refresh()->revision, 'window' => $window,
        ]);
    }

    private function walk(string $way, string $window, CompositionRow $composition): TestResponse
    {
        return $this->postJson(
            "/api/compositions/{$composition->id}/$way",
            ['revision' => $composition->refresh()->revision, 'window' => $window],
        );
    }

    /** Two bars in one composition, and a second composition with one. @return array{Composition, Composition} */
    private function two(): array
    {
        $one = $this->composition();
        foreach (['a', 'b'] as $id) {
            $this->addBar($one, ['id' => $id])->assertOk();
        }
        $two = CompositionRow::query()->findOrFail($this->edit($one, 'add-composition', ['name' => 'Two'])->json('open'));
        $this->addBar($two, ['id' => 'a'])->assertOk();

        return [$one, $two];
    }

    /** @return list<string> */
    private function ids(CompositionRow $composition): array
    {
        return array_column($this->document($composition)['layers'], 'id');
    }

    public function test_each_window_undoes_what_it_did_itself(): void
    {
        [$one, $two] = $this->two();
        $this->in('left', $one, 'rename-layer', ['layer' => 'a', 'name' => 'Left'])->assertJsonPath('history.undo', 'rename layer');
        $this->in('right', $one, 'remove-layers', ['layers' => ['b']])->assertJsonPath('history.undo', 'remove layer');
        $this->in('right', $two, 'rename-layer', ['layer' => 'a', 'name' => 'Right']);
        $this->walk('undo', 'left', $one)->assertOk()->assertJsonPath('history', ['undo' => null, 'redo' => 'rename layer']);
        self::assertSame('Rectangle', $this->document($one)['layers'][0]['name']);
        self::assertSame(['a'], $this->ids($one));
        $this->walk('undo', 'left', $one)->assertStatus(422)->assertJsonPath('message', 'there is nothing to undo');
        // What another composition shows of it is said, to be gone to.
        $this->walk('undo', 'right', $one)->assertOk()->assertJsonPath('open', $two->id)->assertJsonPath('patch', []);
        $this->walk('undo', 'right', $one)->assertOk()->assertJsonPath('open', null);
        self::assertSame(['a', 'b'], $this->ids($one));
        $this->walk('redo', 'left', $one)->assertOk();
        self::assertSame('Left', $this->document($one)['layers'][0]['name']);
    }

    public function test_what_something_else_was_built_on_is_not_undone_by_itself(): void
    {
        [$one] = $this->two();
        $this->in('left', $one, 'set-values', ['frame' => 0, 'values' => [['layer' => 'a', 'property' => 'opacity', 'value' => 40]]]);
        // Beside it, in the same layer: no matter.
        $this->in('right', $one, 'set-values', ['frame' => 0, 'values' => [['layer' => 'a', 'property' => 'rotation', 'value' => 9]]]);
        $this->walk('undo', 'left', $one)->assertOk();
        self::assertEquals([100, 9], [$this->document($one)['layers'][0]['opacity'], $this->document($one)['layers'][0]['rotation']]);
        $this->walk('redo', 'left', $one)->assertOk();
        $this->in('right', $one, 'set-values', ['frame' => 0, 'values' => [['layer' => 'a', 'property' => 'opacity', 'value' => 50]]]);
        $before = $one->refresh()->document;
        $message = $this->walk('undo', 'left', $one)->assertStatus(422)->json('message');
        self::assertSame(
            '“set opacity” cannot be undone by itself: “set opacity” has been built on it since. The history goes back beyond both.',
            $message,
        );
        self::assertSame($before, $one->refresh()->document);
        $this->walk('undo', 'right', $one)->assertOk();
        $this->walk('undo', 'left', $one)->assertOk();
        self::assertEquals(100, $this->document($one)['layers'][0]['opacity']);
    }

    public function test_the_last_that_is_kept_of_a_sort_goes_and_comes_back(): void
    {
        [$one] = $this->two();
        $moving = [
            'kind' => 'shape', 'form' => 'rectangle', 'id' => 'm', 'name' => 'Bar', 'in' => 0, 'out' => 50,
            'rotation' => ['keyframes' => [['at' => 0, 'value' => 0], ['at' => 9, 'value' => 90]]],
        ];
        foreach ([
            'swatches' => ['swatch', ['colour' => '#b5892e']],
            'curves' => ['curve', ['name' => 'Soft', 'easing' => 'glide']],
            'looks' => ['look', ['name' => 'Dream', 'effects' => [['id' => 'e1', 'effect' => 'blur']]]],
            'styles' => ['style', ['name' => 'Turning', 'layer' => $moving, 'parts' => ['animation']]],
            'motions' => ['motion', ['name' => 'A quarter', 'layer' => $moving]],
        ] as $list => [$sort, $arguments]) {
            $kept = fn (): int => count(json_decode($one->project->refresh()->$list, true));
            $before = $kept();
            $this->edit($one, "add-$sort", $arguments)->assertOk()->assertJsonCount($before + 1, "project.$list");
            foreach (range(0, $before) as $ignored) {
                $this->edit($one, "remove-$sort", [$sort => 0])->assertOk();
            }
            self::assertSame(0, $kept());
            $this->getJson("/api/projects/{$one->project_id}")->assertJsonCount(0, $list);
            $this->walk('undo', '', $one)->assertOk();
            self::assertSame(1, $kept());
        }
    }

    public function test_layers_that_two_windows_added_are_taken_back_in_any_order(): void
    {
        [$one] = $this->two();
        $bar = fn (string $id): array => ['layer' => ['kind' => 'shape', 'form' => 'rectangle', 'id' => $id]];
        $this->in('left', $one, 'add-layer', $bar('c'));
        $this->in('right', $one, 'add-layer', $bar('d'));
        $this->walk('undo', 'left', $one)->assertOk();
        self::assertSame(['a', 'b', 'd'], $this->ids($one));
        $this->in('right', $one, 'remove-layers', ['layers' => ['a']]);
        $this->walk('redo', 'left', $one)->assertOk();
        self::assertSame(['b', 'c', 'd'], $this->ids($one));
        $this->walk('undo', 'right', $one)->assertOk();
        self::assertSame(['a', 'b', 'c', 'd'], $this->ids($one));
    }

    public function test_one_edit_changes_several_compositions_and_one_undo_gives_all_back(): void
    {
        [$one, $two] = $this->two();
        [$old, $new] = [
            $this->takeIn($one->project, $this->clipFile()),
            $this->takeIn($one->project, \Ricamo\Raster\Tests\Clips::counting('faster.mp4', '640x360', '50'), 'fast.mp4'),
        ];
        foreach ([$one, $two] as $composition) {
            $this->edit(
                $composition, 'add-layer',
                ['layer' => ['kind' => 'footage', 'media' => $old->key(), 'id' => 'clip', 'from' => 10]],
            )->assertOk();
        }
        $before = [$this->document($one), $this->document($two)];
        $answer = $this->edit($one, 'replace-media', ['media' => $old->key(), 'by' => $new->key()])->assertOk();
        self::assertSame([$new->key()], array_column($answer->json('project.media'), 'id'));
        foreach ([$one, $two] as $composition) {
            $clip = array_values(array_filter(
                $this->document($composition)['layers'], fn (array $layer): bool => $layer['id'] === 'clip',
            ))[0];
            self::assertSame([$new->key(), 20], [$clip['media'], $clip['from']]);
        }
        $this->walk('undo', '', $one)->assertOk();
        self::assertSame($before, [$this->document($one), $this->document($two)]);
        $this->getJson("/api/projects/{$one->project_id}")->assertJsonPath('media.0.id', $old->key())->assertJsonCount(2, 'media');
        self::assertSame(['done', 'undone'], Step::query()->orderByDesc('id')->limit(2)->pluck('state')->reverse()->values()->all());
    }

    public function test_compositions_that_were_made_go_and_come_with_what_was_done_in_them(): void
    {
        [$one] = $this->two();
        $copy = CompositionRow::query()->findOrFail($this->edit($one, 'duplicate-composition', ['composition' => 'c1'])->json('open'));
        self::assertSame(['a', 'b'], $this->ids($copy));
        $this->in('other', $copy, 'remove-layers', ['layers' => ['a']])->assertOk();
        // Somebody else's work in it is not taken along.
        $this->walk('undo', '', $one)->assertStatus(422)->assertJsonPath(
            'message',
            '“duplicate composition” cannot be undone by itself: something else has been built on it. The history goes back beyond both.',
        );
        $this->walk('undo', 'other', $copy)->assertOk();
        $this->walk('undo', '', $copy)->assertOk()->assertJsonPath('open', $one->id)->assertJsonCount(2, 'project.compositions');
        $this->getJson("/api/compositions/{$copy->id}")->assertStatus(404);
        $this->walk('redo', '', $one)->assertOk()->assertJsonPath('open', $copy->id);
        self::assertSame(['a', 'b'], $this->ids($copy));
        $this->getJson("/api/compositions/{$copy->id}")->assertOk()->assertJsonPath('document.name', 'Composition 2');
    }

    public function test_what_is_erased_for_good_cannot_come_back(): void
    {
        [$one, $two] = $this->two();
        $this->edit($one, 'remove-compositions', ['compositions' => [$two->key]])->assertOk();
        $this->deleteJson("/api/removed/composition/{$two->id}")->assertOk();
        $this->walk('undo', '', $one)->assertStatus(422)->assertJsonPath('message', 'what that would bring back has been erased for good');
        $this->edit($one, 'rename-layer', ['layer' => 'a', 'name' => 'Still'])->assertOk();
    }

    public function test_the_history_shows_the_steps_and_goes_along_them(): void
    {
        [$one, $two] = $this->two();
        $this->in('left', $one, 'rename-layer', ['layer' => 'a', 'name' => 'Left']);
        $this->in('right', $two, 'rename-project', ['name' => 'Trams']);
        $states = fn (): array => [$this->document($one), $this->document($two), $one->project->refresh()->name];
        $last = $states();
        $steps = $this->getJson("/api/projects/{$one->project_id}/history?window=left")->assertOk()->json('steps');
        self::assertSame(
            ['rename project', 'rename layer', 'add layer', 'new composition', 'add layer', 'add layer'],
            array_column($steps, 'title'),
        );
        self::assertSame(
            [['Two', false], ['Composition 1', true]],
            array_map(fn (array $step): array => [$step['composition'], $step['own']], array_slice($steps, 0, 2)),
        );
        $go = fn (int $step): TestResponse => $this->postJson(
            "/api/compositions/{$one->id}/history/$step", ['revision' => $one->refresh()->revision, 'window' => 'left'],
        );
        $go($steps[4]['id'])->assertOk()->assertJsonPath('project.name', 'Depot Nine')->assertJsonCount(1, 'project.compositions');
        self::assertSame(['a', 'b'], $this->ids($one));
        $go($steps[5]['id'])->assertOk()->assertJsonPath('history.redo', 'add layer');
        self::assertSame(['a'], $this->ids($one));
        $go(0)->assertOk();
        self::assertSame([], $this->ids($one));
        $go($steps[0]['id'])->assertOk()->assertJsonCount(2, 'project.compositions');
        self::assertSame($last, $states());
        self::assertSame(['done'], Step::query()->distinct()->pluck('state')->all());
    }

    public function test_any_sequence_of_edits_is_undone_to_the_beginning_and_redone_to_the_end(): void
    {
        mt_srand(6);
        [$one, $two] = $this->two();
        $media = $this->takeIn($one->project, $this->clipFile());
        $state = fn (): string => json_encode(
            [
                $this->getJson("/api/projects/{$one->project_id}/export.json")->json(),
                $this->getJson("/api/projects/{$one->project_id}")->json('media.*.folder'),
            ],
            JSON_THROW_ON_ERROR,
        );
        $states = [$state()];
        $edits = [
            fn (): array => ['add-layer', ['layer' => ['kind' => 'text', 'text' => 'Nine']]],
            fn (): array => ['remove-layers', ['layers' => ['a']]],
            fn (): array => ['duplicate-layers', ['layers' => ['b']]],
            fn (): array => ['reorder-layer', ['layer' => 'b', 'to' => 0]],
            fn (): array => ['add-keyframe', ['layers' => ['b'], 'property' => 'position', 'frame' => mt_rand(0, 90)]],
            fn (): array => [
                'set-values',
                ['frame' => mt_rand(0, 90), 'values' => [['layer' => 'b', 'property' => 'position', 'value' => [mt_rand(0, 900), 5]]]],
            ],
            fn (): array => ['set-composition', ['rate' => ['25/1', '30/1', '60/1'][mt_rand(0, 2)]]],
            fn (): array => ['duplicate-composition', ['composition' => 'c1']],
            fn (): array => ['reorder-composition', ['composition' => 'c2', 'to' => 0]],
            fn (): array => ['rename-composition', ['composition' => 'c2', 'name' => 'Name '.mt_rand(0, 9)]],
            fn (): array => ['file-media', ['media' => [$media->key()], 'folder' => 'Folder '.mt_rand(0, 9)]],
            fn (): array => ['add-swatch', ['colour' => sprintf('#%06x', mt_rand(0, 0xFFFFFF))]],
        ];
        for ($made = 0; $made < 40;) {
            [$edit, $args] = $edits[mt_rand(0, count($edits) - 1)]();
            $steps = Step::query()->count();
            if ($this->edit([$one, $two][mt_rand(0, 1)], $edit, $args)->status() === 200 && Step::query()->count() > $steps) {
                $states[] = $state();
                $made++;
            }
        }
        for ($at = 39; $at >= 0; $at--) {
            $this->walk('undo', '', $one)->assertOk();
            self::assertSame($states[$at], $state(), "undone to $at");
        }
        for ($at = 1; $at <= 40; $at++) {
            $this->walk('redo', '', $one)->assertOk();
            self::assertSame($states[$at], $state(), "redone to $at");
        }
    }

    public function test_an_edit_reads_and_writes_only_what_it_touches(): void
    {
        [$one, $two] = $this->two();
        $read = [];
        DB::listen(function (QueryExecuted $query) use (&$read): void {
            if (str_contains($query->sql, 'layers')) {
                $read[] = $query->bindings[0];
            }
        });
        $this->in('left', $two, 'rename-layer', ['layer' => 'a', 'name' => 'X'])->assertOk();
        self::assertSame([$two->id], array_values(array_unique($read)));
        self::assertSame([5, 2], [$one->refresh()->revision + 3, $two->refresh()->revision]);
    }
}
