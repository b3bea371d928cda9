<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Render;
use App\Work\Problem;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Sleep;
use PDO;
use PDOException;
use PHPUnit\Framework\Attributes\TestWith;
use Ricamo\Core\Refusal;
use Ricamo\Raster\Tests\SmallDisk;
use RuntimeException;
use Tests\TestCase;

/** A lock that lasts is waited for, then said; nothing is lost, and nothing of the database is told. */
final class BusyDatabaseTest extends TestCase
{
    private ?PDO $other = null;

    /** Another process writes, and does not stop. */
    private function lock(): void
    {
        $this->other = new PDO("sqlite:$this->folder/ricamo.sqlite");
        $this->other->exec('BEGIN IMMEDIATE');
        DB::statement('PRAGMA busy_timeout = 100');
    }

    private function unlock(): void
    {
        $this->other?->exec('ROLLBACK');
        $this->other = null;
    }

    public function test_an_edit_is_told_to_try_again(): void
    {
        $composition = $this->composition();
        $this->lock();
        $answer = $this->addBar($composition)->assertStatus(503)->assertHeader('Retry-After', '2');
        self::assertSame('The server is busy. Nothing was changed; try again in a moment.', $answer->json('message'));
        $this->unlock();
        $this->addBar($composition)->assertOk();
        self::assertSame(1, $composition->refresh()->revision);
    }

    public function test_an_edit_on_a_full_disk_is_told_so_and_changes_nothing(): void
    {
        $disk = new SmallDisk(2000);
        $database = "$disk->folder/ricamo.sqlite";
        touch($database);
        config(['database.connections.sqlite.database' => $database]);
        DB::purge();
        Artisan::call('migrate', ['--force' => true]);
        $composition = $this->composition();
        $this->addBar($composition, ['id' => 'bar'])->assertOk();
        file_put_contents("$disk->folder/filling", str_repeat('x', (int) disk_free_space($disk->folder)));
        for ($try = 0, $status = 200; $try < 200 && $status === 200; $try++) {
            $answer = $this->edit($composition, 'rename-layer', ['layer' => 'bar', 'name' => str_repeat("$try ", 40)]);
            $status = $answer->status();
        }
        $answer->assertStatus(507)->assertJsonPath('message', 'The disk is full. Nothing was changed; make room and try again.');
        $revision = $composition->refresh()->revision;
        unlink("$disk->folder/filling");
        $this->edit($composition, 'rename-layer', ['layer' => 'bar', 'name' => 'Bar'])->assertOk();
        self::assertSame($revision + 1, $composition->refresh()->revision);
        DB::purge();
    }

    public function test_an_edit_beyond_a_quota_is_told_so_and_changes_nothing(): void
    {
        $composition = $this->composition();
        $this->addBar($composition, ['id' => 'bar'])->assertOk();
        // SQLite's own quota: it says of a database that may not grow what it says of a full disk.
        DB::statement('pragma max_page_count = '.(DB::selectOne('pragma page_count')->page_count + 2));
        for ($try = 0, $status = 200; $try < 400 && $status === 200; $try++) {
            $answer = $this->edit($composition, 'rename-layer', ['layer' => 'bar', 'name' => str_repeat("$try ", 40)]);
            $status = $answer->status();
        }
        $answer->assertStatus(507);
        $revision = $composition->refresh()->revision;
        self::assertSame($try, $revision);
        DB::statement('pragma max_page_count = 1000000');
        $this->edit($composition, 'rename-layer', ['layer' => 'bar', 'name' => 'Bar'])->assertOk();
        self::assertSame($revision + 1, $composition->refresh()->revision);
    }

    public function test_opening_and_trying_write_nothing_that_could_have_to_wait(): void
    {
        $composition = $this->composition();
        $this->lock();
        $this->getJson("/api/compositions/{$composition->id}")->assertOk()->assertCookie('ricamo-last', (string) $composition->id, false);
        $this->getJson("/api/compositions/{$composition->id}/frames?from=0&to=3")->assertOk();
        $this->postJson(
            "/api/compositions/{$composition->id}/edits/try", ['edit' => 'set-composition', 'args' => ['length' => 7]],
        )->assertOk();
        $this->unlock();
    }

    public function test_a_change_that_was_made_while_another_was_worked_out_is_not_written_over(): void
    {
        $composition = $this->composition();
        $this->addBar($composition, ['id' => 'bar']);
        $stale = $this->edit($composition, 'rename-layer', ['layer' => 'bar', 'name' => 'Mine'], 1);
        $stale->assertOk();
        $this->edit(
            $composition, 'rename-layer', ['layer' => 'bar', 'name' => 'Theirs'], 1,
        )->assertStatus(409)->assertJsonPath('revision', 2)->assertJsonCount(1, 'changes');
        self::assertSame('Mine', $this->document($composition)['layers'][0]['name']);
    }

    public function test_a_render_outlives_a_lock(): void
    {
        $composition = $this->composition();
        $this->edit($composition, 'set-composition', ['width' => 64, 'height' => 36, 'length' => 12]);
        $this->addBar($composition, ['size' => [10, 10]]);
        $render = Render::query()->findOrFail($this->postJson("/api/compositions/{$composition->id}/renders", ['from' => 0])->json('id'));
        $attempts = 0;
        Sleep::fake();
        Sleep::whenFakingSleep(function () use (&$attempts): void {
            if (++$attempts === 3) {
                $this->unlock();
            }
        });
        $this->lock();
        self::assertTrue($render->advance($render->attempt, ['waiting'], ['state' => 'drawing']));
        self::assertSame(3, $attempts);
        self::assertFalse($render->advance('another', ['drawing'], ['state' => 'failed']));
        self::assertSame('drawing', $render->refresh()->state);
    }

    #[TestWith([new Refusal('media "m1": there is no such file'), 'media "m1": there is no such file'])]
    #[TestWith([new RuntimeException('/srv/x/renders/7/a.mp4 is in the way'), 'a.mp4 is in the way'])]
    #[TestWith([null, 'the worker was stopped'])]
    public function test_problems_are_said_without_paths(?\Throwable $reason, string $says): void
    {
        self::assertSame($says, Problem::of($reason));
    }

    public function test_no_problem_holds_sql(): void
    {
        $fault = fn (string $text): QueryException => new QueryException(
            'sqlite', 'update "renders" set x = 1', [], new PDOException($text),
        );
        self::assertSame(
            'the database was busy for too long; try again',
            Problem::of($fault('SQLSTATE[HY000]: General error: 5 database is locked')),
        );
        self::assertSame('the disk is full', Problem::of($fault('SQLSTATE[HY000]: General error: 13 database or disk is full')));
        foreach ([$fault('no such table: x'), new \TypeError('App\X::y(): Argument #1')] as $reason) {
            self::assertStringStartsWith('the server failed at it', Problem::of($reason));
        }
    }
}
