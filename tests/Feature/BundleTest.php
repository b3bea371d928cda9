<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\CompositionRow;
use App\Models\Render;
use Ricamo\Raster\Media\Probe;
use Symfony\Component\Process\Process;
use Tests\TestCase;

/** Compositions within compositions, over HTTP. */
final class BundleTest extends TestCase
{
    /** @return array{Composition, Composition} a composition that holds one bundle, and what it places: a red bar */
    private function wrapped(): array
    {
        $outer = $this->composition();
        $this->edit($outer, 'set-composition', ['width' => 160, 'height' => 90, 'length' => 12]);
        $this->addBar($outer, ['id' => 'bar', 'size' => [80, 40], 'fill' => '#ff0000']);
        $this->edit($outer, 'wrap-layers', ['composition' => $outer->key, 'layers' => ['bar'], 'name' => 'Name bar'])
            ->assertOk()->assertJsonPath('project.compositions.1.name', 'Name bar')->assertJsonPath('history.undo', 'wrap up');

        return [$outer, CompositionRow::query()->where('project_id', $outer->project_id)->where('name', 'Name bar')->firstOrFail()];
    }

    private function colour(CompositionRow $composition): string
    {
        return $this->getJson(
            "/api/compositions/{$composition->id}/glimpse?frame=3&layers=l1",
        )->assertOk()->json('glimpse.list.items.0.colour');
    }

    public function test_what_is_changed_inside_is_seen_outside_at_once(): void
    {
        [$outer, $inner] = $this->wrapped();
        self::assertSame('#ff0000', $this->colour($outer));
        $this->edit(
            $inner, 'set-values',
            ['frame' => 0, 'values' => [['layer' => 'bar', 'property' => 'fill', 'value' => '#00ff00']]],
        )->assertOk();
        self::assertSame('#00ff00', $this->colour($outer));
        $lines = explode("\n", trim($this->get("/api/compositions/{$outer->id}/frames")->streamedContent()));
        self::assertSame(
            ['#00ff00'],
            array_values(array_unique(array_map(fn (string $line): string => json_decode($line, true)['items'][0]['colour'], $lines))),
        );
    }

    public function test_what_lies_around_a_bundle_is_given_for_any_frame(): void
    {
        [$outer] = $this->wrapped();
        $this->addBar($outer, ['id' => 'beside', 'fill' => '#0000ff']);
        foreach ([-5 => 0, 3 => 3, 999 => 11] as $asked => $given) {
            $list = $this->getJson("/api/compositions/{$outer->id}/surroundings?layer=l1&frame=$asked")->assertOk()->json('list');
            self::assertSame([$given, '#0000ff'], [$list['frame'], end($list['items'][0]['items'])['colour']]);
        }
        $this->getJson("/api/compositions/{$outer->id}/surroundings?layer=beside&frame=0")->assertStatus(422);
    }

    public function test_who_looks_at_a_placing_is_told_that_something_was_done(): void
    {
        [$outer, $inner] = $this->wrapped();
        $work = $this->getJson("/api/compositions/{$outer->id}")->json('work');
        self::assertSame($work, $this->getJson("/api/compositions/{$outer->id}/changes?since=0")->json('work'));
        $this->edit($inner, 'rename-layer', ['layer' => 'bar', 'name' => 'Bar'])->assertOk();
        self::assertGreaterThan($work, $this->getJson("/api/compositions/{$outer->id}/changes?since=0")->json('work'));
    }

    public function test_one_undo_takes_wrapping_up_back(): void
    {
        [$outer, $inner] = $this->wrapped();
        $this->postJson("/api/compositions/{$outer->id}/undo", ['revision' => $outer->refresh()->revision])->assertOk()
            ->assertJsonPath('open', null)->assertJsonCount(1, 'project.compositions');
        self::assertSame(['bar'], array_column($this->document($outer)['layers'], 'id'));
        $this->postJson(
            "/api/compositions/{$outer->id}/redo", ['revision' => $outer->refresh()->revision],
        )->assertOk()->assertJsonCount(2, 'project.compositions');
        self::assertSame('bundle', $this->document($outer)['layers'][0]['kind']);
        self::assertSame(['bar'], array_column($this->document($inner)['layers'], 'id'));
    }

    public function test_a_chain_that_leads_back_is_refused_and_changes_nothing(): void
    {
        [$outer, $inner] = $this->wrapped();
        $before = $inner->refresh()->revision;
        $this->edit($inner, 'add-layer', ['layer' => ['kind' => 'bundle', 'composition' => $outer->key]])
            ->assertStatus(422)->assertJsonPath('message', "a composition cannot contain itself: Name bar ▸ {$outer->name} ▸ Name bar");
        self::assertSame($before, $inner->refresh()->revision);
    }

    public function test_undoing_what_lay_between_does_not_close_a_ring(): void
    {
        [$outer, $inner] = $this->wrapped();
        $in = fn (string $window, CompositionRow $one, string $path, array $body = []) => $this->postJson(
            "/api/compositions/{$one->id}/$path", ['window' => $window, 'revision' => $one->refresh()->revision, ...$body],
        );
        $in('left', $outer, 'edits', ['edit' => 'remove-layers', 'args' => ['layers' => ['l1']]])->assertOk();
        $in(
            'right', $inner, 'edits',
            ['edit' => 'add-layer', 'args' => ['layer' => ['kind' => 'bundle', 'composition' => $outer->key]]],
        )->assertOk();
        $in('left', $outer, 'undo')->assertStatus(422)->assertJsonPath(
            'message', "a composition cannot contain itself: {$outer->name} ▸ Name bar ▸ {$outer->name}",
        );
        self::assertSame([], $this->document($outer)['layers']);
    }

    public function test_a_render_shows_what_was_placed_as_it_was(): void
    {
        [$outer, $inner] = $this->wrapped();
        $id = $this->postJson("/api/compositions/{$outer->id}/renders")->assertStatus(201)->json('id');
        $this->edit($inner, 'set-values', ['frame' => 0, 'values' => [['layer' => 'bar', 'property' => 'fill', 'value' => '#0000ff']]]);
        $this->work();
        $file = Render::query()->findOrFail($id)->file();
        self::assertSame(12, Probe::clip($file)->frames);
        $middle = new Process([
            'ffmpeg', '-v', 'error', '-i', $file, '-vf', 'crop=2:2:80:45,format=rgb24', '-frames:v', '1', '-f', 'rawvideo',
            '-',
        ]);
        [$red, , $blue] = array_values((array) unpack('C3', $middle->mustRun()->getOutput()));
        self::assertGreaterThan(230, $red);
        self::assertLessThan(25, $blue);
    }
}
