<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Jobs\DrawPiece;
use App\Models\CompositionRow;
use App\Models\Render;
use App\Rendering\Renders;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Illuminate\Testing\TestResponse;
use Ricamo\Raster\Media\Probe;
use Ricamo\Raster\Process\Heartbeat;
use Symfony\Component\Process\Process;
use Tests\TestCase;

final class RenderingTest extends TestCase
{
    private function small(int $length = 35): CompositionRow
    {
        $composition = $this->composition();
        $this->edit($composition, 'set-composition', ['width' => 160, 'height' => 90, 'length' => $length]);
        $this->addBar($composition, ['size' => [40, 20]]);

        return $composition;
    }

    private function begin(CompositionRow $composition, array $body = []): Render
    {
        $id = $this->postJson("/api/compositions/{$composition->id}/renders", $body)->assertStatus(201)->json('id');

        return Render::query()->findOrFail($id);
    }

    public function test_a_render_is_drawn_in_pieces_joined_and_downloaded(): void
    {
        $render = $this->begin($this->small());
        self::assertSame(4, $render->pieces()->count());
        $this->getJson("/api/renders/{$render->id}/file")->assertStatus(422)->assertJsonPath('message', 'the render is not finished');
        $this->work();
        $this->getJson("/api/renders/{$render->id}")->assertJson(['state' => 'finished', 'drawn' => 35, 'frames' => 35]);
        $answer = $this->get("/api/renders/{$render->id}/file")->assertOk()->assertDownload('composition-1.mp4');
        $clip = Probe::clip($answer->getFile()->getPathname());
        self::assertSame([160, 90, 35, '25/1'], [$clip->width, $clip->height, $clip->frames, (string) $clip->rate]);
        self::assertSame(['finished.mp4'], array_map(basename(...), File::glob($render->folder().'/*')));
    }

    public function test_a_range_is_rendered(): void
    {
        $render = $this->begin($this->small(), ['from' => 5, 'to' => 17]);
        $this->work();
        self::assertSame(12, Probe::clip($render->refresh()->file())->frames);
        $composition = $this->small();
        foreach ([['from' => 35], ['from' => 5, 'to' => 5], ['from' => 0, 'to' => 36], ['quality' => 1]] as $body) {
            $this->postJson("/api/compositions/{$composition->id}/renders", $body)->assertStatus(422);
        }
    }

    public function test_it_is_rendered_to_what_was_asked_for_as_large_as_was_asked_for(): void
    {
        $composition = $this->small(12);
        foreach ([
            ['mov', 'mov', 'video/quicktime'], ['png', 'zip', 'application/zip'], ['gif', 'gif', 'image/gif'],
        ] as [$format, $extension, $type]) {
            $render = $this->begin($composition, ['format' => $format, 'quality' => 'small', 'scale' => 0.5]);
            $this->work();
            $answer = $this->get("/api/renders/{$render->id}/file")->assertOk()->assertDownload("composition-1.$extension")
                ->assertHeader('Content-Type', $type);
            if ($format === 'mov') {
                $clip = Probe::clip($answer->getFile()->getPathname());
                self::assertSame([80, 45, 12], [$clip->width, $clip->height, $clip->frames]);
            }
            self::assertSame(["finished.$extension"], array_map(basename(...), File::glob($render->folder().'/*')));
        }
        $still = $this->begin($composition, ['format' => 'still', 'from' => 4, 'to' => 5]);
        $silent = $this->begin($composition, ['format' => 'wav']);
        $this->work();
        self::assertSame([160, 90], array_slice((array) getimagesize($still->refresh()->file()), 0, 2));
        $this->getJson("/api/renders/{$silent->id}")->assertJson([
            'state' => 'failed', 'problem' => 'the pieces could not be joined: nothing is heard in it',
        ]);
        foreach ([['format' => 'still'], ['format' => 'tiff'], ['quality' => 'superb'], ['scale' => 9]] as $body) {
            $this->postJson("/api/compositions/{$composition->id}/renders", $body)->assertStatus(422);
        }
        // All of the project are listed, from whichever of its compositions they are.
        self::assertCount(5, $this->getJson("/api/compositions/{$composition->id}/renders")->json('renders'));
    }

    public function test_how_large_a_file_will_be_is_what_it_then_is(): void
    {
        $composition = $this->small(12);
        $ask = fn (string $query): TestResponse => $this->getJson("/api/compositions/{$composition->id}/size?$query");
        // 160 × 90 at a factor that makes odd sides of both.
        $ask('format=mp4&scale=0.41&frames=12')->assertOk()->assertJson(['width' => 66, 'height' => 38, 'widened' => true]);
        $ask('format=webm&scale=0.41')->assertOk()->assertJson(['width' => 66, 'height' => 37, 'widened' => false]);
        $render = $this->begin($composition, ['format' => 'mp4', 'scale' => 0.41]);
        $this->work();
        $clip = Probe::clip($render->refresh()->file());
        self::assertSame([66, 38], [$clip->width, $clip->height]);
        foreach (['format=tiff', 'scale=9', 'scale=wide', 'quality=superb', 'frames=many'] as $query) {
            $ask($query)->assertStatus(422);
        }
    }

    public function test_what_is_rendered_is_the_document_as_it_was(): void
    {
        $composition = $this->small();
        $render = $this->begin($composition);
        $this->edit($composition, 'set-composition', ['length' => 3]);
        $this->work();
        self::assertSame(35, Probe::clip($render->refresh()->file())->frames);
    }

    public function test_a_cancelled_render_ends_and_can_be_taken_up_again(): void
    {
        $render = $this->begin($this->small());
        $this->postJson("/api/renders/{$render->id}/cancel")->assertJsonPath('state', 'cancelled');
        $this->work();
        self::assertSame('cancelled', $render->refresh()->state);
        $this->postJson("/api/renders/{$render->id}/resume")->assertOk()->assertJsonPath('state', 'waiting');
        $this->work();
        self::assertSame('finished', $render->refresh()->state);
        $this->postJson("/api/renders/{$render->id}/resume")->assertStatus(422)->assertJsonPath('message', 'the render is finished');
    }

    /** A clip that can be left to ffmpeg, but for the last frames, on which it is turned. */
    public function test_all_pieces_are_drawn_in_the_same_way(): void
    {
        $composition = $this->composition();
        $media = $this->takeIn($composition->project, $this->clipFile());
        $this->edit($composition, 'match-composition', ['media' => $media->key()]);
        $this->edit($composition, 'set-composition', ['length' => 35]);
        $this->edit($composition, 'add-layer', ['layer' => ['kind' => 'footage', 'media' => $media->key(), 'id' => 'clip']]);
        $plain = $this->begin($composition);
        $this->edit($composition, 'set-values', ['frame' => 0, 'values' => [['layer' => 'clip', 'property' => 'rotation', 'value' => 0]]]);
        $this->edit($composition, 'add-keyframe', ['layers' => ['clip'], 'property' => 'rotation', 'frame' => 32]);
        $this->edit($composition, 'set-values', ['frame' => 34, 'values' => [['layer' => 'clip', 'property' => 'rotation', 'value' => 9]]]);
        $turned = $this->begin($composition);
        $this->work();
        self::assertSame(['overlay', 'finished'], [$plain->refresh()->way, $plain->state]);
        self::assertSame(['whole', 'finished'], [$turned->refresh()->way, $turned->state]);
    }

    public function test_cancelled_and_taken_up_again_at_once_it_does_not_wait_for_good(): void
    {
        $render = $this->begin($this->small());
        $jobs = fn (): array => DB::table('jobs')->orderBy('id')->pluck('payload')->all();
        $before = $jobs();
        $this->postJson("/api/renders/{$render->id}/cancel");
        $this->postJson("/api/renders/{$render->id}/resume")->assertJsonPath('state', 'waiting');
        // The jobs of the attempt before are still in the queue, ahead of the new ones, and change nothing.
        self::assertSame($before, array_slice($jobs(), 0, count($before)));
        self::assertCount(2 * count($before), $jobs());
        $this->work();
        self::assertSame('finished', $render->refresh()->state);
        self::assertSame(['finished.mp4'], array_map(basename(...), File::glob($render->folder().'/*')));
    }

    public function test_a_render_that_waits_for_its_turn_or_whose_frame_takes_long_is_not_taken_for_stopped(): void
    {
        $render = $this->begin($this->small());
        $this->travel(60)->seconds();
        self::assertSame('waiting', $render->summary()['state']);
        $render->update(['state' => 'drawing', 'heard_at' => now()->subSeconds(60)]);
        self::assertSame('stopped', $render->summary()['state']);
        $this->travelBack();
        $heartbeat = new Heartbeat($render->heartbeat());
        self::assertSame('drawing', $render->refresh()->summary()['state'], 'a sign of life counts, whatever the database says');
        touch($render->heartbeat(), time() - 100);
        $this->waitFor(fn (): bool => $render->summary()['state'] === 'drawing');
        $heartbeat->stop();
        self::assertSame(
            'drawing', $render->refresh()->summary()['state'],
            'its last sign still counts until it has said what became of the work',
        );
    }

    /** A worker in a process of its own is killed in the middle of a piece. */
    public function test_after_a_killed_worker_the_render_says_so_and_resumes_with_what_it_has(): void
    {
        $composition = $this->composition();
        $this->edit($composition, 'set-composition', ['width' => 1280, 'height' => 720, 'length' => 120]);
        $this->addBar($composition);
        config(['ricamo.piece_frames' => 60]);
        $render = $this->begin($composition);
        $worker = new Process([PHP_BINARY, base_path('artisan'), 'queue:work', '--queue=renders', '--stop-when-empty'], base_path(), [
            'DB_DATABASE' => "$this->folder/ricamo.sqlite", 'RICAMO_RENDERS' => "$this->folder/renders", 'APP_ENV' => 'production',
        ], timeout: null);
        $worker->start();
        $this->waitFor(fn (): bool => $render->pieces()->where('finished', true)->exists() && $render->refresh()->state === 'drawing');
        $worker->signal(SIGKILL);
        $this->waitFor(fn (): bool => ! $worker->isRunning());
        self::assertSame('drawing', $render->refresh()->state);
        $this->travel(60)->seconds();
        $this->getJson("/api/renders/{$render->id}")->assertJsonPath('state', 'stopped');
        $first = $render->pieces()->where('finished', true)->firstOrFail();
        $made = filemtime($first->file());
        $this->postJson("/api/renders/{$render->id}/resume")->assertOk();
        self::assertSame($made, filemtime($first->file()));
        DB::table('jobs')->whereNotNull('reserved_at')->delete();
        $this->work();
        self::assertSame('finished', $render->refresh()->state);
        self::assertSame(120, Probe::clip($render->file())->frames);
    }

    public function test_whatever_a_stopped_server_left_is_taken_up_at_the_next_start(): void
    {
        $render = $this->begin($this->small());
        $render->update(['state' => 'drawing']);
        DB::table('jobs')->update(['reserved_at' => time()]);
        File::ensureDirectoryExists(config('ricamo.originals'));
        foreach ([config('ricamo.originals').'/abc.77.part', "{$render->folder()}/piece-000000000.mp4.77.part"] as $debris) {
            touch($debris);
        }
        Artisan::call('ricamo:resume');
        self::assertFileDoesNotExist(config('ricamo.originals').'/abc.77.part');
        self::assertSame([], File::glob("{$render->folder()}/*"));
        self::assertStringContainsString('Resumed 1 unfinished render.', Artisan::output());
        $this->work();
        self::assertSame('finished', $render->refresh()->state);
    }

    public function test_a_render_that_fails_says_why(): void
    {
        $composition = $this->small();
        $render = $this->begin($composition);
        File::deleteDirectory($render->folder());
        file_put_contents($render->folder(), 'in the way');
        $this->work();
        $this->getJson("/api/renders/{$render->id}")->assertJsonPath('state', 'failed');
        self::assertNotEmpty($render->refresh()->problem);
        unlink($render->folder());
    }

    public function test_a_piece_that_nobody_waits_for_is_not_drawn(): void
    {
        $render = $this->begin($this->small());
        $piece = $render->pieces()->firstOrFail();
        $attempt = $render->attempt;
        (new DrawPiece($piece->id, 'another'))->handle(app(Renders::class));
        self::assertFileDoesNotExist($piece->file());
        $render->update(['state' => 'failed']);
        (new DrawPiece($piece->id, $attempt))->handle(app(Renders::class));
        self::assertFileDoesNotExist($piece->file());
        (new DrawPiece(999, $attempt))->handle(app(Renders::class));
    }

    /** @param  callable(): bool  $condition */
    private function waitFor(callable $condition): void
    {
        for ($end = microtime(true) + 1200; microtime(true) < $end; usleep(20_000)) {
            if ($condition()) {
                return;
            }
        }
        self::fail('it did not happen');
    }
}
