<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Jobs\CheckMedia;
use App\Jobs\PrepareMedia;
use App\Models\MediaRow;
use App\Models\Upload;
use App\Work\Claim;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use PHPUnit\Framework\Attributes\TestWith;
use Ricamo\Raster\Tests\Clips;
use Symfony\Component\Process\Process;
use Tests\TestCase;

final class MediaTest extends TestCase
{
    public function test_a_clip_comes_in_parts_is_looked_at_and_prepared_in_the_queue(): void
    {
        $project = $this->project();
        $bytes = (string) file_get_contents($this->clipFile());
        $location = $this->announce(
            "projects/{$project->id}/uploads", strlen($bytes), 'street.mp4',
        )->assertStatus(201)->headers->get('Location');
        $this->send(
            $location, 0, substr($bytes, 0, 1000),
        )->assertStatus(204)->assertHeader('Upload-Offset', '1000')->assertHeaderMissing('Ricamo-Media');
        $this->call('HEAD', $location)->assertOk()->assertHeader('Upload-Offset', '1000')->assertHeader(
            'Upload-Length', (string) strlen($bytes),
        );
        self::assertSame(0, MediaRow::query()->count());
        $id = (int) $this->send($location, 1000, substr($bytes, 1000))->assertStatus(204)->headers->get('Ricamo-Media');
        $this->getJson("/api/media/$id")->assertJson(['name' => 'street.mp4', 'state' => 'checking']);
        $this->getJson("/api/projects/{$project->id}/media")->assertJsonCount(0, 'media');
        $this->work();
        $this->getJson("/api/media/$id")->assertJson([
            'name' => 'street.mp4', 'width' => 320, 'height' => 180, 'rate' => '25/1', 'frames' => 100, 'sound' => false,
            'alpha' => false, 'remark' => null,
            'state' => 'ready', 'prepared' => 100, 'preview' => ['every' => 1, 'type' => 'jpg'], 'bytes' => strlen($bytes),
        ]);
        $media = MediaRow::query()->findOrFail($id);
        self::assertCount(100, File::glob($media->previews().'/frames/*.jpg'));
        self::assertFileExists($media->previews().'/poster.jpg');
        self::assertFileEquals($this->clipFile(), $media->original());
        self::assertSame([], File::glob(config('ricamo.uploads').'/*'));
        self::assertSame(0, Upload::query()->count());
    }

    public function test_a_part_goes_where_the_one_before_it_ended_or_nowhere(): void
    {
        $location = (string) $this->announce("projects/{$this->project()->id}/uploads", 10, 'a.mp4')->headers->get('Location');
        $this->send($location, 0, 'abcde');
        $this->send($location, 3, 'xx')->assertStatus(409)->assertHeader('Upload-Offset', '5');
        $this->send($location, 5, 'fghijTOOMUCH')->assertStatus(204)->assertHeader('Upload-Offset', '10');
        $other = (string) $this->announce("projects/{$this->project()->id}/uploads", 10, 'b.mp4')->headers->get('Location');
        $this->call(
            'PATCH', $other, server: ['CONTENT_TYPE' => 'text/plain', 'HTTP_UPLOAD_OFFSET' => '0'], content: 'abc',
        )->assertStatus(415);
        $held = fopen(config('ricamo.uploads').'/'.basename($other).'.part', 'c');
        self::assertTrue($held !== false && flock($held, LOCK_EX));
        $this->send($other, 0, 'abc')->assertStatus(423);
        fclose($held);
        $this->call('DELETE', $other)->assertStatus(204);
        $this->call('HEAD', $other)->assertStatus(404);
    }

    public function test_the_same_clip_is_kept_once(): void
    {
        $project = $this->project();
        $first = $this->takeIn($project, $this->clipFile());
        $second = $this->takeIn($project, $this->clipFile(), 'again.mp4');
        $this->getJson("/api/media/{$second->id}")->assertJson(['state' => 'twin', 'twin' => $first->key()]);
        $this->getJson("/api/projects/{$project->id}/media")->assertJsonCount(1, 'media')->assertJsonPath('media.0.name', 'street.mp4');
    }

    #[TestWith(['hello', 'words.mp4', 'words.mp4 cannot be used: it cannot be read as video'])]
    #[TestWith(['', 'nothing.mp4', 'nothing.mp4 cannot be used: the file is empty.'])]
    #[TestWith(["ffconcat version 1.0\nfile '/etc/passwd'\n", '../../etc/x.mp4', 'x.mp4 cannot be used: it cannot be read as video'])]
    public function test_a_file_that_is_no_clip_is_refused_and_leaves_no_debris(string $content, string $name, string $says): void
    {
        $project = $this->project();
        $file = "$this->folder/bad";
        file_put_contents($file, $content);
        $location = (string) $this->announce(
            "projects/{$project->id}/uploads", strlen($content), $name,
        )->assertStatus(201)->headers->get('Location');
        if ($content !== '') {
            $this->send($location, 0, $content)->assertStatus(204);
        }
        $this->work();
        $media = MediaRow::query()->firstOrFail();
        self::assertSame('refused', $media->state);
        self::assertStringStartsWith($says, (string) $media->problem);
        self::assertStringNotContainsString($this->folder, (string) $media->problem);
        self::assertDirectoryDoesNotExist(config('ricamo.originals'));
        self::assertSame([], File::glob(config('ricamo.uploads').'/*'));
        $this->deleteJson("/api/media/{$media->id}")->assertOk();
        self::assertSame(0, MediaRow::query()->count());
    }

    public function test_limits_are_kept(): void
    {
        $project = $this->project();
        config(['ricamo.upload_bytes' => 1000]);
        self::assertStringContainsString(
            'larger than',
            $this->announce("projects/{$project->id}/uploads", 1001, 'a.mp4')->assertStatus(422)->json('message'),
        );
        $this->announce("projects/{$project->id}/uploads", 'x', 'a.mp4')->assertStatus(422);
        $this->announce("projects/{$project->id}/uploads", '99999999999999999999', 'a.mp4')->assertStatus(422);
        $this->announce('projects/77/uploads', 10, 'a.mp4')->assertStatus(404)->assertJsonPath(
            'message', 'This is not here, or not here any more.',
        );
        config(['ricamo.upload_bytes' => PHP_INT_MAX]);
        self::assertStringContainsString(
            'no room',
            $this->announce("projects/{$project->id}/uploads", 999_999_999_999_999, 'a.mp4')->assertStatus(507)->json('message'),
        );
        config(['ricamo.upload_bytes' => 1 << 30, 'ricamo.clip_seconds' => 2]);
        self::assertStringContainsString('longer than', (string) $this->takeIn($project, $this->clipFile())->problem);
    }

    public function test_names_are_shown_without_folders_or_control_characters(): void
    {
        $project = $this->project();
        self::assertSame(
            'evil Ålesund 電車.mp4',
            $this->takeIn($project, $this->clipFile(), "..\\..\\evil\u{202e}\x07 Ålesund 電車.mp4")->name,
        );
        foreach (["\xff\xfe", '', str_repeat('é', 5000)] as $index => $name) {
            $media = $this->takeIn($project, Clips::counting("name-$index.mp4", frames: 3 + $index), $name);
            self::assertNotSame('', $media->name);
            self::assertLessThanOrEqual(200, mb_strlen($media->name));
        }
    }

    public function test_a_failed_preparation_says_why_and_can_be_repeated(): void
    {
        $media = $this->takeIn($this->project(), $this->clipFile());
        rename($media->original(), $media->original().'.away');
        $this->postJson("/api/media/{$media->id}/prepare")->assertOk()->assertJsonPath('state', 'waiting');
        $this->work();
        self::assertSame('failed', $media->refresh()->state);
        self::assertNotEmpty($media->problem);
        self::assertStringNotContainsString($this->folder, (string) $media->problem);
        rename($media->original().'.away', $media->original());
        $this->postJson("/api/media/{$media->id}/prepare")->assertOk();
        $this->work();
        self::assertSame('ready', $media->refresh()->state);
    }

    public function test_a_cancelled_preparation_is_not_gone_on_with(): void
    {
        $media = $this->takeIn($this->project(), $this->clipFile());
        $this->postJson("/api/media/{$media->id}/prepare");
        $stale = $media->refresh()->attempt;
        $this->postJson("/api/media/{$media->id}/cancel")->assertJsonPath('state', 'cancelled');
        $this->work();
        self::assertSame('cancelled', $media->refresh()->state);
        $this->postJson("/api/media/{$media->id}/prepare")->assertJsonPath('state', 'waiting');
        // A job of an attempt that was given up changes nothing.
        (new PrepareMedia($media->id, $stale))->handle();
        self::assertSame('waiting', $media->refresh()->state);
    }

    public function test_long_clips_wait_in_a_queue_of_their_own(): void
    {
        $media = $this->takeIn($this->project(), $this->clipFile());
        $media->update(['clip' => json_encode(['frames' => 100_000] + json_decode((string) $media->clip, true))]);
        $this->postJson("/api/media/{$media->id}/prepare");
        self::assertSame(['media-long'], DB::table('jobs')->pluck('queue')->all());
    }

    public function test_what_an_ended_server_left_is_taken_up_and_swept(): void
    {
        $project = $this->project();
        $id = (int) $this->upload("projects/{$project->id}/uploads", $this->clipFile(), 'a.mp4')->headers->get('Ricamo-Media');
        $begun = (string) $this->announce("projects/{$project->id}/uploads", 10, 'b.mp4')->headers->get('Location');
        $this->travel(25)->hours();
        $fresh = (string) $this->announce("projects/{$project->id}/uploads", 10, 'c.mp4')->headers->get('Location');
        touch(config('ricamo.uploads').'/debris.part');
        DB::table('jobs')->delete();
        Artisan::call('ricamo:resume');
        $this->work();
        self::assertSame('ready', MediaRow::query()->findOrFail($id)->state);
        $this->call('HEAD', $begun)->assertStatus(404);
        $this->call('HEAD', $fresh)->assertStatus(200);
        self::assertCount(1, File::glob(config('ricamo.uploads').'/*'));
    }

    public function test_what_came_whole_and_was_not_handed_on_is_handed_on_at_the_next_start(): void
    {
        $project = $this->project();
        $bytes = (string) file_get_contents($this->clipFile());
        $location = (string) $this->announce("projects/{$project->id}/uploads", strlen($bytes), 'a.mp4')->headers->get('Location');
        // As where the process is killed between the last byte and what follows; and the server is off for days.
        file_put_contents(config('ricamo.uploads').'/'.basename($location).'.part', $bytes);
        $this->travel(50)->hours();
        Artisan::call('ricamo:resume');
        $this->work();
        self::assertSame(['ready'], MediaRow::query()->pluck('state')->all());
    }

    public function test_who_asks_after_a_file_that_came_whole_is_told_what_came_of_it(): void
    {
        $project = $this->project();
        $bytes = (string) file_get_contents($this->clipFile());
        $location = (string) $this->announce("projects/{$project->id}/uploads", strlen($bytes), 'a.mp4')->headers->get('Location');
        file_put_contents(config('ricamo.uploads').'/'.basename($location).'.part', $bytes);
        $first = $this->call('HEAD', $location)->assertOk()->assertHeader(
            'Upload-Offset', (string) strlen($bytes),
        )->headers->get('Ricamo-Media');
        self::assertNotNull($first);
        // Asked again, after an answer that was lost: the same.
        $this->call('HEAD', $location)->assertOk()->assertHeader(
            'Upload-Offset', (string) strlen($bytes),
        )->assertHeader('Ricamo-Media', $first);
        self::assertSame(1, MediaRow::query()->count());
        self::assertSame(1, DB::table('jobs')->count());
    }

    public function test_what_one_process_is_at_is_not_begun_by_another(): void
    {
        $project = $this->project();
        $id = (int) $this->upload("projects/{$project->id}/uploads", $this->clipFile(), 'a.mp4')->headers->get('Ricamo-Media');
        $claim = Claim::take(MediaRow::claimOf($id));
        self::assertNotNull($claim);
        DB::table('jobs')->delete();
        Artisan::call('ricamo:resume', ['--media' => true]);
        self::assertSame(0, DB::table('jobs')->count(), 'nothing is asked for that a process is at');
        app()->call([new CheckMedia($id), 'handle']);
        self::assertSame('checking', MediaRow::query()->findOrFail($id)->state);
        self::assertSame(1, DB::table('jobs')->where('available_at', '>', time())->count(), 'and is looked at again later');
        $claim->release();
        Artisan::call('ricamo:resume', ['--media' => true]);
        $this->work();
        self::assertSame('ready', MediaRow::query()->findOrFail($id)->state);
    }

    public function test_the_same_file_comes_into_two_projects_at_once(): void
    {
        [$one, $two] = [$this->project(), $this->project()];
        $file = Clips::make(
            'bell.mp4',
            ['-i', Clips::counting(), '-f', 'lavfi', '-i', 'sine=f=440:d=4', '-c:v', 'copy', '-c:a', 'aac', '-shortest'],
        );
        foreach ([$one, $two] as $project) {
            $this->upload("projects/{$project->id}/uploads", $file, 'bell.mp4')->assertStatus(204);
        }
        $worker = fn (): Process => new Process([
            PHP_BINARY, '-d', 'ffi.enable=1', base_path('artisan'), 'queue:work', '--queue=media', '--stop-when-empty',
            '--sleep=0',
        ], base_path(), [
            'DB_DATABASE' => "$this->folder/ricamo.sqlite", 'RICAMO_ORIGINALS' => "$this->folder/media",
            'RICAMO_PREVIEWS' => "$this->folder/previews", 'RICAMO_UPLOADS' => "$this->folder/uploads",
        ], timeout: null);
        while (DB::table('jobs')->exists()) {
            $workers = [$worker(), $worker()];
            array_map(fn (Process $one) => $one->start(), $workers);
            array_map(fn (Process $one) => $one->wait(), $workers);
        }
        self::assertSame(
            ['ready', 'ready'], MediaRow::query()->pluck('state')->all(),
            implode(' ', MediaRow::query()->pluck('problem')->all()),
        );
        self::assertFileExists(MediaRow::query()->firstOrFail()->previews().'/peaks.json');
    }

    public function test_a_frame_of_the_original_can_be_had(): void
    {
        $media = $this->takeIn($this->project(), $this->clipFile());
        $answer = $this->get("/api/media/{$media->id}/frames/{$media->hash}/42")->assertOk()->assertHeader('Content-Type', 'image/jpeg');
        self::assertSame([320, 180], array_slice((array) getimagesizefromstring((string) $answer->getContent()), 0, 2));
        $this->getJson("/api/media/{$media->id}/frames/{$media->hash}/100")->assertStatus(422);
        $this->getJson("/api/media/{$media->id}/frames/".str_repeat('0', 64).'/1')->assertStatus(404);
    }
}
