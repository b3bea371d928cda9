<?php

namespace Tests\Feature;

use App\Models\Media;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\File;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

final class MediaTest extends TestCase
{
    private function upload(int $project, string $file, string $name = 'street.mp4'): TestResponse
    {
        $copy = "$this->folder/upload-".bin2hex(random_bytes(4));
        copy($file, $copy);

        return $this->post("/api/projects/$project/media", ['file' => new UploadedFile($copy, $name, test: true)], ['Accept' => 'application/json']);
    }

    public function test_a_clip_is_probed_kept_and_prepared_in_the_queue(): void
    {
        $project = $this->project();
        $answer = $this->upload($project->id, $this->clipFile())->assertStatus(201);
        $answer->assertJson(['name' => 'street.mp4', 'width' => 320, 'height' => 180, 'rate' => '25/1', 'frames' => 100, 'sound' => false, 'state' => 'waiting']);
        $this->work();
        $media = Media::query()->firstOrFail();
        self::assertSame(['ready', 100], [$media->state, $media->prepared]);
        self::assertCount(100, File::glob($media->previews().'/frames/*.jpg'));
        self::assertFileExists($media->previews().'/poster.jpg');
        self::assertFileEquals($this->clipFile(), $media->original());
    }

    public function test_the_same_clip_is_kept_once(): void
    {
        $project = $this->project();
        $this->upload($project->id, $this->clipFile());
        $this->upload($project->id, $this->clipFile(), 'again.mp4')->assertStatus(200)->assertJsonPath('name', 'street.mp4');
        self::assertSame(1, Media::query()->count());
    }

    #[TestWith(['hello', 'words.mp4', 'words.mp4 cannot be used: it cannot be read as video'])]
    #[TestWith(['', 'nothing.mp4', 'nothing.mp4 cannot be used: the file is empty.'])]
    #[TestWith(["ffconcat version 1.0\nfile '/etc/passwd'\n", '../../etc/x.mp4', 'x.mp4 cannot be used: it cannot be read as video'])]
    public function test_a_file_that_is_no_clip_is_refused_and_leaves_no_debris(string $content, string $name, string $says): void
    {
        $project = $this->project();
        $file = "$this->folder/bad";
        file_put_contents($file, $content);
        $message = $this->upload($project->id, $file, $name)->assertStatus(422)->json('message');
        self::assertStringStartsWith($says, $message);
        self::assertStringNotContainsString($this->folder, $message);
        self::assertSame(0, Media::query()->count());
        self::assertDirectoryDoesNotExist(config('ricamo.originals'));
    }

    public function test_limits_are_kept(): void
    {
        config(['ricamo.upload_bytes' => 1000]);
        self::assertStringContainsString('larger than', $this->upload($this->project()->id, $this->clipFile())->assertStatus(422)->json('message'));
        config(['ricamo.upload_bytes' => 1 << 30, 'ricamo.clip_seconds' => 2]);
        self::assertStringContainsString('longer than', $this->upload($this->project()->id, $this->clipFile())->assertStatus(422)->json('message'));
        $this->postJson("/api/projects/{$this->project()->id}/media")->assertStatus(422);
    }

    public function test_names_are_shown_without_folders_or_control_characters(): void
    {
        $project = $this->project();
        $this->upload($project->id, $this->clipFile(), "..\\..\\evil\u{202e}\x07 Ålesund 電車.mp4")->assertJsonPath('name', 'evil Ålesund 電車.mp4');
    }

    public function test_a_failed_preparation_says_why_and_can_be_repeated(): void
    {
        $project = $this->project();
        $this->upload($project->id, $this->clipFile());
        $media = Media::query()->firstOrFail();
        rename($media->original(), $media->original().'.away');
        $this->work();
        self::assertSame('failed', $media->refresh()->state);
        self::assertNotEmpty($media->problem);
        self::assertStringNotContainsString($this->folder, (string) $media->problem);
        rename($media->original().'.away', $media->original());
        $this->postJson("/api/media/{$media->id}/prepare")->assertOk()->assertJsonPath('state', 'waiting');
        $this->work();
        self::assertSame('ready', $media->refresh()->state);
    }
}
