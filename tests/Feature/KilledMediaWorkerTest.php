<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\MediaRow;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Ricamo\Raster\Process\Ffmpeg;
use Ricamo\Raster\Tests\Clips;
use Symfony\Component\Process\Process;
use Tests\TestCase;
use ZipArchive;

/** Files that were answered for become media, whenever and however often the workers at them are killed. */
final class KilledMediaWorkerTest extends TestCase
{
    /** @return list<string> files that take a moment each, one of them a ZIP of pictures that becomes a clip */
    private function files(): array
    {
        $zip = "$this->folder/pictures.zip";
        Ffmpeg::run([...Ffmpeg::command(), '-i', Clips::counting(), '-frames:v', '40', "$this->folder/picture-%03d.png"]);
        $archive = new ZipArchive;
        $archive->open($zip, ZipArchive::CREATE);
        foreach (glob("$this->folder/picture-*.png") ?: [] as $number => $picture) {
            $archive->addFile($picture, sprintf('tram-%03d.png', $number));
        }
        $archive->close();

        return [Clips::counting('killed-1.mp4', frames: 60), $zip, Clips::counting('killed-2.mp4', frames: 90)];
    }

    private function worker(): Process
    {
        $worker = new Process([
            'setsid', PHP_BINARY, '-d', 'ffi.enable=1', base_path('artisan'), 'queue:work', '--queue=media',
            '--stop-when-empty', '--sleep=0',
        ], base_path(), [
            'DB_DATABASE' => "$this->folder/ricamo.sqlite", 'RICAMO_ORIGINALS' => "$this->folder/media",
            'RICAMO_PREVIEWS' => "$this->folder/previews", 'RICAMO_UPLOADS' => "$this->folder/uploads",
        ], timeout: null);
        $worker->start();

        return $worker;
    }

    /** With all that it has started. */
    private function kill(Process $worker): void
    {
        $group = $worker->getPid();
        if ($group !== null) {
            posix_kill(-$group, SIGKILL);
        }
        $this->ended($worker);
    }

    private function ended(Process $worker): void
    {
        while ($worker->isRunning()) {
            usleep(10_000);
        }
    }

    public function test_nothing_is_lost_by_kills_at_any_moment(): void
    {
        mt_srand(4);
        $project = $this->project();
        foreach ($this->files() as $number => $file) {
            $this->upload("projects/{$project->id}/uploads", $file, "file-$number.".pathinfo($file, PATHINFO_EXTENSION))->assertStatus(204);
        }
        for ($kill = 0; $kill < 12; $kill++) {
            $workers = [$this->worker(), $this->worker()];
            usleep(mt_rand(150_000, 900_000));
            $victim = $workers[$kill % 2];
            $isRunning = $victim->isRunning();
            $this->kill($victim);
            // As the supervisor does it, while the other worker goes on with what it is at; or at the next start of everything.
            if ($kill % 3 === 2) {
                $this->kill($workers[1 - $kill % 2]);
                Artisan::call('ricamo:resume');
            } else {
                Artisan::call('ricamo:resume', ['--media' => true]);
                $this->ended($workers[1 - $kill % 2]);
            }
            if (! $isRunning && ! DB::table('jobs')->exists()) {
                break;
            }
        }
        Artisan::call('ricamo:resume');
        while (DB::table('jobs')->exists()) {
            $this->work();
        }
        self::assertSame(
            ['ready', 'ready', 'ready'], MediaRow::query()->orderBy('id')->pluck('state')->all(),
            implode(' ', MediaRow::query()->pluck('problem')->all()),
        );
        self::assertSame(
            [60, 40, 90],
            MediaRow::query()->orderBy('id')->get()->map(fn (MediaRow $one): int => $one->clip()->frames)->all(),
        );
        self::assertSame([], File::glob(config('ricamo.uploads').'/*'), 'nothing half-made is left');
        self::assertSame([], File::glob(config('ricamo.originals').'/*.part'));
    }
}
