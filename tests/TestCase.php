<?php

namespace Tests;

use App\Models\Composition;
use App\Models\Project;
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

    protected function composition(): Composition
    {
        return NewProject::named('Depot Nine');
    }

    protected function project(): Project
    {
        return $this->composition()->project;
    }

    /** @param  array<string, mixed>  $args */
    protected function edit(Composition $composition, string $edit, array $args, ?int $revision = null): TestResponse
    {
        return $this->postJson("/api/compositions/{$composition->id}/edits", [
            'edit' => $edit, 'args' => $args, 'revision' => $revision ?? $composition->refresh()->revision,
        ]);
    }

    /** @return array<string, mixed> the document as it is stored */
    protected function document(Composition $composition): array
    {
        return json_decode($composition->refresh()->document, true);
    }

    /** @param  array<string, mixed>  $fields */
    protected function addBar(Composition $composition, array $fields = []): TestResponse
    {
        return $this->edit($composition, 'add-layer', ['layer' => ['kind' => 'shape', 'form' => 'rectangle', ...$fields]]);
    }

    protected function work(): void
    {
        Artisan::call('queue:work', ['--queue' => 'media,renders', '--stop-when-empty' => true, '--tries' => 1]);
    }

    protected function clipFile(): string
    {
        return Clips::counting();
    }
}
