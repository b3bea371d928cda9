<?php

declare(strict_types=1);

namespace Tests;

use App\Models\CompositionRow;
use App\Models\MediaRow;
use App\Models\ProjectRow;
use App\Projects\NewProject;
use Illuminate\Foundation\Testing\TestCase as LaravelTestCase;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Illuminate\Testing\TestResponse;
use Ricamo\Raster\Tests\Clips;

/** Tests over HTTP with a real SQLite file, a real queue and real ffmpeg, in a folder of their own. */
abstract class TestCase extends LaravelTestCase
{
    protected string $folder;

    protected function setUp(): void
    {
        parent::setUp();
        $this->folder = base_path('storage/test-app');
        File::deleteDirectory($this->folder);
        File::ensureDirectoryExists($this->folder);
        $database = "$this->folder/ricamo.sqlite";
        touch($database);
        config([
            'database.connections.sqlite.database' => $database,
            'ricamo.originals' => "$this->folder/media",
            'ricamo.uploads' => "$this->folder/uploads",
            'ricamo.previews' => "$this->folder/previews",
            'ricamo.renders' => "$this->folder/renders",
            'ricamo.piece_frames' => 10,
        ]);
        DB::purge();
        Artisan::call('migrate', ['--force' => true]);
    }

    protected function tearDown(): void
    {
        DB::purge();
        File::deleteDirectory($this->folder);
        parent::tearDown();
    }

    protected function composition(): CompositionRow
    {
        return NewProject::named('Depot Nine');
    }

    protected function project(): ProjectRow
    {
        return $this->composition()->project;
    }

    /** @param  array<string, mixed>  $args */
    protected function edit(CompositionRow $composition, string $edit, array $args, ?int $revision = null): TestResponse
    {
        return $this->postJson("/api/compositions/{$composition->id}/edits", [
            'edit' => $edit, 'args' => $args, 'revision' => $revision ?? $composition->refresh()->revision,
        ]);
    }

    /** @param  array<string, mixed>  $args */
    protected function editProject(ProjectRow|int $project, string $edit, array $args): TestResponse
    {
        return $this->postJson('/api/projects/'.(is_int($project) ? $project : $project->id).'/edits', ['edit' => $edit, 'args' => $args]);
    }

    /** @return array<string, mixed> the document as it is stored */
    protected function document(CompositionRow $composition): array
    {
        return json_decode($composition->refresh()->document, true);
    }

    /** @param  array<string, mixed>  $fields */
    protected function addBar(CompositionRow $composition, array $fields = []): TestResponse
    {
        return $this->edit($composition, 'add-layer', ['layer' => ['kind' => 'shape', 'form' => 'rectangle', ...$fields]]);
    }

    protected function work(): void
    {
        Artisan::call(
            'queue:work',
            ['--queue' => 'media,media-long,renders', '--stop-when-empty' => true, '--tries' => 1, '--sleep' => 0, '--memory' => 4096],
        );
    }

    /** Announces a file and sends it in one part, as the protocol has it. */
    protected function upload(string $path, string $file, string $name): TestResponse
    {
        $location = $this->announce($path, (int) filesize($file), $name)->assertStatus(201)->headers->get('Location');

        return $this->send((string) $location, 0, (string) file_get_contents($file));
    }

    protected function announce(string $path, int|string $length, string $name): TestResponse
    {
        return $this->withHeaders([
            'Accept' => 'application/json', 'Tus-Resumable' => '1.0.0', 'Upload-Length' => (string) $length,
            'Upload-Metadata' => 'filename '.base64_encode($name),
        ])
            ->post("/api/$path");
    }

    protected function send(string $location, int $offset, string $part): TestResponse
    {
        return $this->call('PATCH', $location, server: [
            'HTTP_ACCEPT' => 'application/json', 'HTTP_TUS_RESUMABLE' => '1.0.0', 'HTTP_UPLOAD_OFFSET' => (string) $offset,
            'CONTENT_TYPE' => 'application/offset+octet-stream',
        ], content: $part);
    }

    /** Takes a clip into a project, looks at it and prepares it. */
    protected function takeIn(ProjectRow $project, string $file, string $name = 'street.mp4'): MediaRow
    {
        $id = $this->upload("projects/{$project->id}/uploads", $file, $name)->assertStatus(204)->headers->get('Ricamo-Media');
        $this->work();

        return MediaRow::query()->findOrFail((int) $id);
    }

    protected function clipFile(): string
    {
        return Clips::counting();
    }
}
