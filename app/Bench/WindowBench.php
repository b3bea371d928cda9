<?php

declare(strict_types=1);

namespace App\Bench;

use App\Demo\DemoFootage;
use Illuminate\Support\Facades\File;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Media;
use Ricamo\Core\Document\MediaLibrary;
use Ricamo\Core\Json\Node;
use Ricamo\Raster\Media\Clip;
use Ricamo\Raster\Media\Clips;
use Ricamo\Raster\Media\Probe;
use Ricamo\Raster\Process\Ffmpeg;
use Ricamo\Raster\Render\Format\Mp4;
use Ricamo\Raster\Render\Format\Quality;
use Ricamo\Raster\Render\RangeRenderer;
use Ricamo\Raster\Render\Scene;

/** How long an export of four 1080p windows over a fifth clip takes, beside ffmpeg scaling and overlaying the same. */
final class WindowBench
{
    private const ROUNDS = 2;

    private const FRAMES = 100;

    private string $folder;

    /** @return list<array{string, string, string}> */
    public function run(): array
    {
        $this->folder = storage_path('app/bench-'.getmypid());
        File::ensureDirectoryExists($this->folder);
        $street = (new DemoFootage(storage_path('demo')))->street();
        try {
            $clips = [];
            foreach (range(1, 5) as $number) {
                $file = "$this->folder/clip$number.mp4";
                copy($street, $file);
                $clips["m$number"] = Probe::clip($file);
            }
            $times = ['peer' => [], 'square' => [], 'round' => []];
            for ($round = 0; $round < self::ROUNDS; $round++) {
                $times['peer'][] = $this->time(fn () => $this->peer($clips));
                $times['square'][] = $this->time(fn () => $this->export($clips, 0));
                $times['round'][] = $this->time(fn () => $this->export($clips, 40));
            }
        } finally {
            File::deleteDirectory($this->folder);
        }
        [$peer, $square, $round] = array_map(min(...), array_values($times));

        return [
            ['ffmpeg, four clips scaled over a fifth, '.self::FRAMES.' frames of 1080p', sprintf('%.2f s', $peer), ''],
            ['export of four windows over a fifth clip', sprintf('%.2f s, at × %.2f of its speed', $square, $peer / $square), '≥ × 0.5'],
            ['… with round corners', sprintf('%.2f s, at × %.2f of its speed', $round, $peer / $round), '≥ × 0.5'],
        ];
    }

    /** @param  array<string, Clip>  $clips */
    private function export(array $clips, float $rounding): void
    {
        $layers = [[
            'id' => 'under', 'kind' => 'footage', 'media' => 'm5', 'name' => 'Under', 'in' => 0, 'out' => self::FRAMES,
            'position' => [960, 540],
        ]];
        foreach ([[490, 280], [1430, 280], [490, 800], [1430, 800]] as $index => $middle) {
            $layers[] = [
                'id' => "w$index", 'kind' => 'window', 'form' => 'rectangle', 'media' => 'm'.($index + 1),
                'name' => 'Window', 'in' => 0, 'out' => self::FRAMES, 'position' => $middle, 'size' => [800, 450],
                'rounding' => $rounding,
            ];
        }
        $composition = Composition::read(new Node([
            'id' => 'c', 'name' => 'Windows', 'width' => 1920, 'height' => 1080, 'rate' => (string) $clips['m5']->rate,
            'length' => self::FRAMES, 'layers' => $layers,
        ]));
        $media = array_map(fn (string $id): Media => new Media($id, $id, "$id.mp4", $clips[$id]->facts()), array_keys($clips));
        (new RangeRenderer(new Scene($composition, MediaLibrary::of(...$media), new Clips($clips))))->render(
            $composition->range(), "$this->folder/out.mp4", fn (): bool => true,
        );
    }

    /** @param  array<string, Clip>  $clips */
    private function peer(array $clips): void
    {
        $inputs = [];
        foreach (range(1, 5) as $number) {
            array_push($inputs, '-i', "$this->folder/clip$number.mp4");
        }
        Ffmpeg::run([
            ...Ffmpeg::command(), ...$inputs, '-filter_complex',
            '[0:v]scale=800:450[a];[1:v]scale=800:450[b];[2:v]scale=800:450[c];[3:v]scale=800:450[d];[4:v][a]overlay=90:55[e];[e][b]overlay=1030:55[f];[f][c]overlay=90:575[g];[g][d]overlay=1030:575',
            '-frames:v', (string) self::FRAMES, ...(new Mp4)->encoder($clips['m5']->rate, Quality::Good), '-an', '-y',
            "$this->folder/peer.mp4",
        ]);
    }

    private function time(callable $work): float
    {
        $began = hrtime(true);
        $work();

        return (hrtime(true) - $began) / 1e9;
    }
}
