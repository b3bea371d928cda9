<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\ChangeRow;
use App\Models\CompositionRow;
use App\Models\Step;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use Swaggest\JsonDiff\JsonPatch;
use Tests\TestCase;

final class EditingTest extends TestCase
{
    public function test_an_edit_is_kept_with_its_patch_and_inverse_before_it_is_answered(): void
    {
        $composition = $this->composition();
        $before = $composition->document;
        $answer = $this->addBar($composition)->assertOk();
        $answer->assertJsonPath('revision', 1)->assertJsonPath('history.undo', 'add layer')
            ->assertJsonPath('glimpse.list.items.0.op', 'fill');
        $change = ChangeRow::query()->firstOrFail();
        $patched = json_decode($before);
        JsonPatch::import(json_decode($change->patch))->apply($patched);
        self::assertEquals(json_decode($composition->refresh()->document), $patched);
        self::assertSame(['add layer', 'done'], [Step::query()->firstOrFail()->title, Step::query()->firstOrFail()->state]);
    }

    public function test_a_try_keeps_nothing(): void
    {
        $composition = $this->composition();
        $this->postJson(
            "/api/compositions/{$composition->id}/edits/try",
            ['edit' => 'add-layer', 'args' => ['layer' => ['kind' => 'text', 'text' => 'Marta']]],
        )
            ->assertOk()->assertJsonPath('patch.0.op', 'add')->assertJsonPath('glimpse.list.items.0.op', 'fill');
        self::assertSame(0, $composition->refresh()->revision);
        self::assertSame(0, ChangeRow::query()->count());
        self::assertSame([], $this->document($composition)['layers']);
    }

    public function test_undo_and_redo_walk_the_log_and_survive(): void
    {
        $composition = $this->composition();
        $states = [$composition->document];
        foreach (['#112233', '#445566', '#778899'] as $colour) {
            $this->addBar($composition, ['fill' => $colour]);
            $states[] = $composition->refresh()->document;
        }
        $step = fn (string $way): string => $this->postJson(
            "/api/compositions/{$composition->id}/$way", ['revision' => $composition->refresh()->revision],
        )->assertOk()->json('history.'.$way) ?? 'none';
        self::assertSame('add layer', $step('undo'));
        self::assertSame('add layer', $step('undo'));
        self::assertSame($states[1], $composition->refresh()->document);
        self::assertSame('none', $step('undo'));
        self::assertSame($states[0], $composition->refresh()->document);
        $step('redo');
        $step('redo');
        self::assertSame($states[2], $composition->refresh()->document);
        self::assertSame(8, $composition->revision);
        // A new edit ends what could be brought back.
        $this->addBar($composition);
        $this->postJson(
            "/api/compositions/{$composition->id}/redo", ['revision' => 9],
        )->assertStatus(422)->assertJsonPath('message', 'there is nothing to redo');
        $step('undo');
        self::assertSame($states[2], $composition->refresh()->document);
    }

    public function test_a_first_keyframe_can_be_undone_and_redone(): void
    {
        $composition = $this->composition();
        $this->addBar($composition, ['id' => 'bar']);
        $before = $composition->refresh()->document;
        $answer = $this->edit($composition, 'add-keyframe', ['layers' => ['bar'], 'property' => 'position', 'frame' => 10])->assertOk();
        self::assertSame(
            [['replace', '/layers/0/position']],
            array_map(fn (array $one): array => [$one['op'], $one['path']], $answer->json('patch')),
        );
        $after = $composition->refresh()->document;
        $this->postJson("/api/compositions/{$composition->id}/undo", ['revision' => 2])->assertOk();
        self::assertSame($before, $composition->refresh()->document);
        $this->postJson("/api/compositions/{$composition->id}/redo", ['revision' => 3])->assertOk();
        self::assertSame($after, $composition->refresh()->document);
    }

    public function test_an_edit_that_changes_nothing_is_no_new_revision(): void
    {
        $composition = $this->composition();
        $this->addBar(
            $composition,
            ['id' => 'bar', 'name' => 'Bar', 'opacity' => ['keyframes' => [['at' => 0, 'value' => 0], ['at' => 10, 'value' => 100]]]],
        );
        $keyframes = [['layer' => 'bar', 'property' => 'opacity', 'frames' => [0, 10]]];
        $edits = [
            ['rename-layer', ['layer' => 'bar', 'name' => 'Bar']], ['set-layer', ['layers' => ['bar'], 'visible' => true]],
            ['move-layers', ['layers' => ['bar'], 'by' => 0]],
            ['trim-layer', ['layer' => 'bar', 'in' => 0]], ['reorder-layer', ['layer' => 'bar', 'to' => 0]],
            ['drag-layers', ['layers' => ['bar'], 'frame' => 0, 'by' => [0, 0]]],
            ['set-values', ['frame' => 0, 'values' => [['layer' => 'bar', 'property' => 'rotation', 'value' => 0]]]],
            ['reset-value', ['layer' => 'bar', 'property' => 'rotation']],
            ['move-keyframes', ['keyframes' => $keyframes, 'by' => 0]],
            ['set-pin', ['keyframes' => $keyframes, 'pin' => 'start']],
            ['set-easing', ['keyframes' => $keyframes, 'easing' => 'linear']],
            ['shift-values', ['keyframes' => $keyframes, 'by' => 0]],
            ['set-effects', ['layers' => ['bar'], 'effects' => []]], ['set-masks', ['layers' => ['bar'], 'masks' => []]],
            ['set-leaving', ['layers' => ['bar']]], ['set-composition', ['name' => 'Composition 1']],
            ['set-guides', ['guides' => []]], ['look-alone', ['layers' => []]],
            ['set-content', ['layer' => 'bar', 'content' => ['form' => 'rectangle']]],
            ['rename-composition', ['composition' => 'c1', 'name' => 'Composition 1']],
            ['rename-project', ['name' => 'Depot Nine']],
        ];
        foreach ($edits as [$edit, $args]) {
            $this->edit($composition, $edit, $args)->assertOk()->assertJsonPath('revision', 1)->assertJsonPath('patch', [])
                ->assertJsonPath('history.undo', 'add layer');
        }
        self::assertSame([1, 1], [ChangeRow::query()->count(), Step::query()->count()]);
    }

    public function test_a_stale_edit_is_refused_with_what_it_missed(): void
    {
        $composition = $this->composition();
        $this->addBar($composition);
        $first = $composition->refresh()->document;
        $this->edit($composition, 'rename-layer', ['layer' => 'l1', 'name' => 'Lower bar'])->assertOk();
        $document = $composition->refresh()->document;
        $answer = $this->edit($composition, 'remove-layers', ['layers' => ['l1']], revision: 1)->assertStatus(409);
        $answer->assertJsonPath('revision', 2)->assertJsonCount(1, 'changes')->assertJsonPath('changes.0.revision', 2);
        self::assertSame($document, $composition->refresh()->document);
        // With the missing patch, the stale document becomes the present one.
        $stale = json_decode($first);
        JsonPatch::import(json_decode((string) json_encode($answer->json('changes.0.patch'))))->apply($stale);
        self::assertEquals(json_decode($document), $stale);
    }

    /** Four clients that each know a state which the others have left behind. */
    public function test_edits_of_other_things_than_were_changed_since_are_done_on_the_newest_state(): void
    {
        $composition = $this->composition();
        foreach (['a', 'b', 'c'] as $id) {
            $this->addBar(
                $composition,
                [
                    'id' => $id, 'name' => strtoupper($id),
                    'effects' => [['id' => 'e1', 'effect' => 'blur'], ['id' => 'e2', 'effect' => 'invert']],
                ],
            );
        }
        $known = json_decode($composition->refresh()->document);
        $value = fn (string $layer, string $property, mixed $value): array => [
            'set-values', ['frame' => 0, 'values' => [['layer' => $layer, 'property' => $property, 'value' => $value]]],
        ];
        $fine = [
            ['rename-layer', ['layer' => 'a', 'name' => 'Lower bar']], $value('a', 'opacity', 40),
            $value('a', 'rotation', 12), $value('b', 'opacity', 60), $value('a', 'e1.radius', 9),
            $value('a', 'e2.amount', 30),
            ['add-layer', ['layer' => ['kind' => 'text', 'text' => 'Marta']]], ['duplicate-layers', ['layers' => ['a']]],
            ['reorder-layer', ['layer' => 'c', 'to' => 0]], ['set-composition', ['name' => 'Opener']],
            ['set-guides', ['guides' => [['axis' => 'x', 'at' => 9]]]], ['remove-layers', ['layers' => ['c']]],
        ];
        foreach ($fine as $number => [$edit, $args]) {
            if ($edit === 'remove-layers') {
                // What was moved meanwhile is not removed in silence.
                $this->edit($composition, $edit, ['layers' => ['b']], revision: 3)->assertStatus(409);
            }
            $answer = $this->edit(
                $composition, $edit, $args, revision: 3,
            )->assertOk()->assertJsonPath('revision', 4 + $number)->assertJsonCount($number, 'missed');
            // What one who knows revision 3 is told leads to what there is.
            $document = unserialize(serialize($known));
            foreach ([...array_column($answer->json('missed'), 'patch'), $answer->json('patch')] as $patch) {
                JsonPatch::import(json_decode((string) json_encode($patch)))->apply($document);
            }
            self::assertEquals(json_decode($composition->refresh()->document), $document, $edit);
        }
        $a = $this->document($composition)['layers'][0];
        self::assertSame(
            ['Lower bar', 40, 12, 9, 30],
            [$a['name'], $a['opacity'], $a['rotation'], $a['effects'][0]['radius'], $a['effects'][1]['amount']],
        );
        foreach ([
            ['rename-layer', ['layer' => 'a', 'name' => 'Upper bar']], $value('a', 'opacity', 10),
            $value('a', 'e1.radius', 1), ['remove-layers', ['layers' => ['a']]], ['set-composition', ['name' => 'Ending']],
            $value('c', 'opacity', 1), ['set-effects', ['layers' => ['a'], 'effects' => []]],
            ['reorder-layer', ['layer' => 'a', 'to' => 1]],
        ] as [$edit, $args]) {
            $this->edit(
                $composition, $edit, $args, revision: 3,
            )->assertStatus(409)->assertJsonPath('revision', 15)->assertJsonCount(12, 'changes');
        }
        $this->edit($composition, 'rename-layer', ['layer' => 'b', 'name' => 'B2'], revision: 99)->assertStatus(409);
        self::assertSame(15, $composition->refresh()->revision);
    }

    public function test_steps_are_undone_whatever_revision_is_known(): void
    {
        $composition = $this->composition();
        $this->addBar($composition);
        $this->edit($composition, 'set-composition', ['name' => 'Opener']);
        $this->postJson(
            "/api/compositions/{$composition->id}/undo", ['revision' => 0],
        )->assertOk()->assertJsonCount(2, 'missed')->assertJsonPath('revision', 3);
        self::assertSame('Composition 1', $this->document($composition)['name']);
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function badRequests(): iterable
    {
        yield 'unknown edit' => [['edit' => 'explode', 'args' => [], 'revision' => 0], 'edit: "explode" is not an edit'];
        yield 'missing layer' => [['edit' => 'remove-layers', 'args' => ['layers' => ['l9']], 'revision' => 0], 'there is no layer "l9"'];
        yield 'opacity of 130' => [
            ['edit' => 'add-layer', 'args' => ['layer' => ['kind' => 'text', 'text' => 'a', 'opacity' => 130]], 'revision' => 0],
            'args.layer.opacity: 130 is outside 0..100',
        ];
        yield 'unknown font' => [
            ['edit' => 'add-layer', 'args' => ['layer' => ['kind' => 'text', 'text' => 'a', 'font' => 'wingdings']], 'revision' => 0],
            'there is no font "wingdings"',
        ];
        yield 'unknown media' => [
            ['edit' => 'add-layer', 'args' => ['layer' => ['kind' => 'footage', 'media' => 'm7']], 'revision' => 0],
            'there is no media "m7"',
        ];
        yield 'no revision' => [['edit' => 'add-layer', 'args' => ['layer' => ['kind' => 'text', 'text' => 'a']]], 'revision: is missing'];
        yield 'revision of words' => [
            ['edit' => 'add-layer', 'args' => [], 'revision' => 'latest'], 'revision: "latest" is not a whole number',
        ];
    }

    /** @param  array<string, mixed>  $body */
    #[DataProvider('badRequests')]
    public function test_a_bad_edit_says_why_and_changes_nothing(array $body, string $says): void
    {
        $composition = $this->composition();
        $message = $this->postJson("/api/compositions/{$composition->id}/edits", $body)->assertStatus(422)->json('message');
        self::assertStringStartsWith($says, $message);
        self::assertSame(0, $composition->refresh()->revision);
        self::assertSame(0, ChangeRow::query()->count());
    }

    public function test_a_body_that_is_no_json_is_refused(): void
    {
        $composition = $this->composition();
        $this->call(
            'POST', "/api/compositions/{$composition->id}/edits",
            server: ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'], content: '{"edit":',
        )->assertStatus(422);
        $this->post(
            "/api/compositions/{$composition->id}/edits", ['edit' => 'x'], ['Accept' => 'application/json'],
        )->assertStatus(422)->assertJsonPath('message', 'the request must carry JSON');
        $this->postJson('/api/compositions/999/edits', ['revision' => 0])->assertStatus(404);
    }

    public function test_other_sites_cannot_change_anything(): void
    {
        $composition = $this->composition();
        $body = ['edit' => 'add-layer', 'args' => ['layer' => ['kind' => 'text', 'text' => 'a']], 'revision' => 0];
        $url = "/api/compositions/{$composition->id}/edits";
        $this->postJson($url, $body, ['Origin' => 'http://elsewhere.test'])->assertStatus(403);
        $this->postJson($url, $body, ['Sec-Fetch-Site' => 'cross-site'])->assertStatus(403);
        $this->postJson($url, $body, ['Origin' => config('app.url'), 'Sec-Fetch-Site' => 'same-origin'])->assertOk();
        $this->getJson('http://elsewhere.test/api/projects')->assertStatus(403);
    }

    public function test_answers_carry_a_policy_without_inline_scripts_and_no_paths(): void
    {
        $policy = (string) $this->getJson('/api/projects')->headers->get('Content-Security-Policy');
        self::assertStringContainsString("script-src 'self';", $policy);
        $body = (string) $this->getJson('/api/compositions/999')->assertStatus(404)->getContent();
        self::assertStringNotContainsString(base_path(), $body);
    }

    public function test_the_stream_has_every_frame_and_each_path_once(): void
    {
        $composition = $this->composition();
        $this->addBar($composition, ['id' => 'bar', 'in' => 5]);
        $this->edit($composition, 'add-layer', ['layer' => ['kind' => 'text', 'text' => 'Marta Oldani']]);
        $content = $this->get(
            "/api/compositions/{$composition->id}/frames?from=0&to=120", ['Accept-Encoding' => ''],
        )->assertOk()->streamedContent();
        $lists = array_map(fn (string $line): array => json_decode($line, true), explode("\n", trim($content)));
        self::assertSame(range(0, 119), array_column($lists, 'frame'));
        $paths = array_merge(...array_map(fn (array $list): array => array_keys($list['paths']), $lists));
        self::assertCount(2, $paths);
        self::assertSame($paths, array_unique($paths));
        $zipped = $this->get("/api/compositions/{$composition->id}/frames?from=0&to=120", ['Accept-Encoding' => 'gzip'])->streamedContent();
        self::assertSame($content, gzdecode($zipped));
    }

    public function test_a_glimpse_shows_another_frame_and_selection(): void
    {
        $composition = $this->composition();
        $this->addBar($composition, ['id' => 'bar']);
        $this->edit($composition, 'add-keyframe', ['layers' => ['bar'], 'property' => 'opacity', 'frame' => 10]);
        $this->getJson("/api/compositions/{$composition->id}/glimpse?frame=10&layers=bar")->assertOk()
            ->assertJsonPath('revision', 2)->assertJsonPath('glimpse.list.frame', 10)
            ->assertJsonPath('glimpse.inspections.0.values.opacity.keyframe', true)
            ->assertJsonPath('glimpse.inspections.0.threads.0.beads.0.frame', 10)
            ->assertJsonPath('glimpse.poses.0.layer', 'bar');
    }

    public function test_many_edits_at_once_are_all_kept_or_refused_never_lost(): void
    {
        $composition = $this->composition();
        $children = [];
        foreach (range(1, 4) as $child) {
            $pid = pcntl_fork();
            if ($pid === 0) {
                DB::purge();
                $kept = 0;
                for ($try = 0; $try < 12; $try++) {
                    $kept += $this->addBar(CompositionRow::query()->findOrFail($composition->id))->status() === 200 ? 1 : 0;
                }
                file_put_contents("$this->folder/kept-$child", (string) $kept);
                posix_kill((int) getmypid(), SIGKILL);
            }
            $children[] = $pid;
        }
        array_walk($children, fn (int $pid) => pcntl_waitpid($pid, $status));
        DB::purge();
        $kept = array_sum(array_map(fn (int $child): int => (int) file_get_contents("$this->folder/kept-$child"), range(1, 4)));
        self::assertGreaterThan(11, $kept);
        self::assertSame($kept, $composition->refresh()->revision);
        self::assertCount($kept, $this->document($composition)['layers']);
    }

    public function test_projects_and_compositions_are_made_and_opened(): void
    {
        $made = $this->postJson('/api/projects', ['name' => 'Open day'])->assertStatus(201);
        $this->get('/')->assertRedirect("/compositions/{$made->json('composition')}");
        $second = $this->editProject(
            $made->json('id'), 'add-composition',
            ['name' => 'Títle', 'width' => 1080, 'height' => 1920, 'rate' => '30000/1001', 'length' => 90],
        )->assertOk();
        $this->getJson("/api/compositions/{$second->json('project.compositions.1.id')}")->assertOk()
            ->assertJsonPath('document.rate', '30000/1001')->assertJsonPath('project.name', 'Open day')
            ->assertJsonCount(2, 'project.compositions');
        $this->editProject($made->json('id'), 'add-composition', ['name' => 'x', 'width' => 0])
            ->assertStatus(422)->assertJsonPath('message', 'args.width: 0 is outside 2..8192');
        $this->getJson('/api/projects')->assertJsonCount(2, 'projects.0.compositions');
    }

    public function test_timecode_is_written_and_read(): void
    {
        $this->getJson('/api/timecode?rate=30000/1001&from=1799&to=1801')->assertJsonPath('labels', ['00:00:59;29', '00:01:00;02']);
        $this->getJson('/api/timecode?rate=25/1&text=2:10')->assertJsonPath('frame', 60);
        $this->getJson('/api/timecode?rate=25/1&here=100&text=%2B1s')->assertJsonPath('frame', 125);
        $this->getJson('/api/timecode?rate=25/1&text=later')->assertStatus(422);
        $this->getJson('/api/timecode?rate=25/1&from=0&to=99999999')->assertStatus(422);
    }

    public function test_an_easing_says_how_it_is_drawn(): void
    {
        $this->getJson('/api/easing?text=ease-in-out')->assertOk()->assertExactJson([
            'text' => 'cubic-bezier(0.42, 0, 0.58, 1)', 'curve' => [0.42, 0, 0.58, 1],
        ]);
        $this->getJson('/api/easing?text='.rawurlencode('cubic-bezier(0.3, 0, 0.2, 1.4)'))
            ->assertOk()->assertJsonPath('curve', [0.3, 0, 0.2, 1.4]);
        $this->getJson('/api/easing?text=hold')->assertOk()->assertJsonPath('curve', null);
        foreach (['', 'bouncy', 'linear(0,1e308,1)', str_repeat('x', 30_000)] as $text) {
            $this->getJson('/api/easing?text='.rawurlencode($text))->assertStatus(422);
        }
    }
}
