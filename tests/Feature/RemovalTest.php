<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\CompositionRow;
use App\Models\MediaRow;
use App\Models\Render;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Tests\TestCase;

/** What is removed goes out of sight, can be brought back, and is erased with its files when that is asked for. */
final class RemovalTest extends TestCase
{
    public function test_media_in_use_are_not_removed_and_the_uses_are_named(): void
    {
        $composition = $this->composition();
        $media = $this->takeIn($composition->project, $this->clipFile());
        $this->edit(
            $composition, 'add-layer',
            ['layer' => ['kind' => 'footage', 'media' => $media->key(), 'id' => 'clip', 'name' => 'Evening']],
        );
        $this->editProject($media->project_id, 'remove-media', ['media' => [$media->key()]])->assertStatus(422)->assertJsonPath(
            'message', '“street.mp4” is in use: “Evening” in “Composition 1”. Remove those layers first.',
        );
        $this->edit($composition, 'remove-layers', ['layers' => ['clip']]);
        $this->editProject(
            $media->project_id, 'remove-media', ['media' => [$media->key()]],
        )->assertOk()->assertJsonPath('project.media', []);
        $this->getJson("/api/projects/{$composition->project_id}/media")->assertJsonCount(0, 'media');
        $this->postJson("/api/removed/media/{$media->id}/restore")->assertOk();
        $this->getJson("/api/projects/{$composition->project_id}/media")->assertJsonCount(1, 'media');
        // Bringing back and removing are steps as any other, and the last of them is undone first.
        foreach ([0, 1] as $count) {
            $this->postJson(
                "/api/compositions/{$composition->id}/undo", ['revision' => 2],
            )->assertOk()->assertJsonCount($count, 'project.media');
        }
        $this->postJson(
            "/api/compositions/{$composition->id}/undo", ['revision' => 2],
        )->assertOk()->assertJsonPath('glimpse.list.items.0.media', $media->key());
        self::assertFileExists($media->original());
        $this->getJson("/api/projects/{$composition->project_id}/media")->assertJsonCount(1, 'media');
    }

    public function test_media_that_are_brought_in_again_are_back(): void
    {
        $project = $this->project();
        $media = $this->takeIn($project, $this->clipFile());
        $this->editProject($media->project_id, 'remove-media', ['media' => [$media->key()]])->assertOk();
        $this->takeIn($project, $this->clipFile());
        $this->getJson("/api/projects/{$project->id}/media")->assertJsonCount(1, 'media')->assertJsonPath('media.0.id', $media->key());
    }

    public function test_erased_media_leave_no_file_unless_another_project_has_them(): void
    {
        [$one, $two] = [$this->project(), $this->project()];
        [$first, $second] = [$this->takeIn($one, $this->clipFile()), $this->takeIn($two, $this->clipFile())];
        $this->deleteJson("/api/removed/media/{$first->id}")->assertStatus(404);
        foreach ([[$first, true], [$second, false]] as [$media, $stays]) {
            $this->editProject($media->project_id, 'remove-media', ['media' => [$media->key()]])->assertOk();
            $this->deleteJson("/api/removed/media/{$media->id}")->assertOk();
            self::assertSame($stays, is_file($media->original()));
            self::assertSame($stays, is_dir($media->previews()));
        }
        self::assertSame(0, MediaRow::query()->count());
    }

    public function test_a_project_keeps_at_least_one_composition(): void
    {
        $composition = $this->composition();
        $this->edit($composition, 'remove-compositions', ['compositions' => ['c1']])->assertStatus(422);
        $made = $this->edit($composition, 'add-composition', ['name' => 'Two', 'width' => 64, 'height' => 36, 'length' => 10])->assertOk();
        $other = $made->json('open');
        self::assertSame(['c1', 'c2'], array_column($made->json('project.compositions'), 'key'));
        $two = CompositionRow::query()->findOrFail($other);
        $this->edit(
            $two, 'remove-compositions', ['compositions' => ['c2']],
        )->assertOk()->assertJsonPath('open', $composition->id)->assertJsonPath('glimpse', null);
        $this->getJson("/api/compositions/$other")->assertStatus(404);
        $this->postJson(
            "/api/compositions/$other/edits", ['edit' => 'set-composition', 'args' => ['length' => 7], 'revision' => 0],
        )->assertStatus(404);
        $this->getJson("/api/compositions/{$composition->id}")->assertJsonCount(1, 'project.compositions');
        $this->postJson("/api/removed/composition/$other/restore")->assertOk();
        $this->getJson("/api/compositions/$other")->assertOk();
    }

    public function test_a_removed_render_is_ended_and_erased_with_its_file(): void
    {
        $composition = $this->composition();
        $this->edit($composition, 'set-composition', ['width' => 64, 'height' => 36, 'length' => 12]);
        $render = Render::query()->findOrFail($this->postJson("/api/compositions/{$composition->id}/renders", ['from' => 0])->json('id'));
        $this->deleteJson("/api/renders/{$render->id}")->assertOk();
        self::assertSame('cancelled', $render->refresh()->state);
        $this->getJson("/api/compositions/{$composition->id}/renders")->assertJsonCount(0, 'renders');
        $this->work();
        self::assertSame('cancelled', $render->refresh()->state);
        $this->deleteJson("/api/removed/render/{$render->id}")->assertOk();
        self::assertDirectoryDoesNotExist($render->folder());
    }

    public function test_a_project_goes_and_comes_back_as_a_whole_and_is_erased_as_a_whole(): void
    {
        $composition = $this->composition();
        $media = $this->takeIn($composition->project, $this->clipFile());
        $this->deleteJson("/api/projects/{$composition->project_id}")->assertOk();
        $this->getJson('/api/projects')->assertJsonCount(0, 'projects');
        $room = $this->getJson('/api/room')->assertOk();
        self::assertGreaterThan((int) filesize($media->original()), $room->json('removed.0.bytes') + 1);
        $this->postJson("/api/removed/project/{$composition->project_id}/restore")->assertOk();
        $this->getJson('/api/projects')->assertJsonCount(1, 'projects');
        $this->deleteJson("/api/projects/{$composition->project_id}");
        $this->deleteJson("/api/removed/project/{$composition->project_id}")->assertOk();
        self::assertSame([0, 0], [CompositionRow::query()->count(), MediaRow::query()->count()]);
        self::assertFileDoesNotExist($media->original());
    }

    public function test_room_is_counted_in_bytes_of_files(): void
    {
        $project = $this->project();
        $media = $this->takeIn($project, $this->clipFile());
        DB::table('renders')->delete();
        $room = $this->getJson('/api/room')->assertOk()->json();
        self::assertSame(filesize($media->original()), $room['projects'][0]['originals']);
        $previews = array_sum(array_map(
            filesize(...),
            array_filter([...glob($media->previews().'/*') ?: [], ...glob($media->previews().'/frames/*') ?: []], is_file(...)),
        ));
        self::assertSame($previews, $room['projects'][0]['previews']);
        self::assertSame(0, $room['projects'][0]['renders']);
        self::assertGreaterThan($room['disk']['free'], $room['disk']['total']);
        $this->deleteJson('/api/removed/server/1')->assertStatus(404);
        // Kept, and not summed from the disk each time it is asked for.
        File::deleteDirectory($media->previews());
        $this->getJson('/api/room')->assertJsonPath('projects.0.previews', $previews)->assertJsonPath(
            'projects.0.media.0.bytes', $previews + $media->bytes,
        );
    }

    public function test_room_with_hundreds_of_media_takes_no_more_questions_than_with_one(): void
    {
        $project = $this->project();
        $asked = function (): int {
            DB::flushQueryLog();
            DB::enableQueryLog();
            $this->getJson('/api/room')->assertOk();

            return count(DB::getQueryLog());
        };
        $media = fn (int $number): array => [
            'project_id' => $project->id, 'name' => "clip $number", 'hash' => "hash-$number", 'state' => 'ready',
            'bytes' => 7, 'preview_bytes' => 3,
        ];
        MediaRow::query()->create($media(0));
        $one = $asked();
        MediaRow::query()->insert(array_map($media, range(1, 499)));
        self::assertSame($one, $asked());
        $this->getJson('/api/room')->assertJsonPath('projects.0.originals', 3500)->assertJsonPath('projects.0.previews', 1500);
    }
}
