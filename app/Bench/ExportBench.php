<?php

declare(strict_types=1);

namespace App\Bench;

use App\Demo\DemoFootage;
use App\Demo\LowerThird;
use Illuminate\Support\Facades\File;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Media;
use Ricamo\Core\Document\MediaLibrary;
use Ricamo\Core\Json\Node;
use Ricamo\Raster\Media\Clips;
use Ricamo\Raster\Media\Probe;
use Ricamo\Raster\Process\Ffmpeg;
use Ricamo\Raster\Render\Format\Mp4;
use Ricamo\Raster\Render\Format\Quality;
use Ricamo\Raster\Render\RangeRenderer;
use Ricamo\Raster\Render\Scene;

/** How long an export takes beside ffmpeg transcoding the same clip with a still picture laid over it, same encoder. */
final class ExportBench
{
    private const ROUNDS = 3;

    private string $folder;

    private string $clip;

    /** @return list<array{string, string, string}> */
    public function run(): array
    {
        $this->folder = storage_path('app/bench-'.getmypid());
        File::ensureDirectoryExists($this->folder);
        $this->clip = (new DemoFootage(storage_path('demo')))->street();
        try {
            $strip = $this->scene(LowerThird::composition('m1', 'Marta Oldani', 'Depot electrician'));
            $scaled = $this->scene($this->lowerThirdOver(['scale' => [97, 97]]));
            $turned = $this->scene($this->lowerThirdOver(['rotation' => 0.5]));
            // First, because the largest child so far is all that can be asked for: later it may be the peer.
            array_map($this->export(...), [$strip, $turned]);
            $memory = sprintf('%d MB, %d MB', getrusage()['ru_maxrss'] / 1024, getrusage(1)['ru_maxrss'] / 1024);
            $times = ['peer' => [], 'strip' => [], 'scaled' => [], 'turned' => [], 'turning' => []];
            // In turn, and the best of each, because a machine's speed drifts.
            for ($round = 0; $round < self::ROUNDS; $round++) {
                $times['peer'][] = $this->time(fn () => $this->peer());
                $times['strip'][] = $this->time(fn () => $this->export($strip));
                $times['scaled'][] = $this->time(fn () => $this->export($scaled));
                $times['turned'][] = $this->time(fn () => $this->export($turned));
                $times['turning'][] = $this->time(fn () => $this->peer('rotate=0.5*PI/180:bilinear=1,'));
            }
        } finally {
            File::deleteDirectory($this->folder);
        }
        [$peer, $strip, $scaled, $turned, $turning] = array_map(min(...), array_values($times));

        return [
            ['ffmpeg, 200 frames of 1080p with a still overlay', sprintf('%.2f s', $peer), ''],
            ['export of a lower third over the same clip', sprintf('%.2f s, × %.2f', $strip, $strip / $peer), '≤ × 1.15'],
            ['… with every frame composited in full, the clip scaled', sprintf('%.2f s, × %.2f', $scaled, $scaled / $peer), '≤ × 1.6'],
            ['… with every frame composited in full, the clip turned', sprintf('%.2f s, × %.2f', $turned, $turned / $peer), '≤ × 1.6'],
            ['ffmpeg, turning the clip itself', sprintf('%.2f s, × %.2f', $turning, $turning / $peer), ''],
            ['memory: this process, and the largest ffmpeg', $memory, 'flat, ≤ 400 MB'],
        ];
    }

    private function scene(Composition $composition): Scene
    {
        return new Scene(
            $composition, MediaLibrary::of(new Media('m1', 'Street', 'street.mp4')),
            new Clips(['m1' => Probe::clip($this->clip)]),
        );
    }

    /**
     * The same lower third over the clip placed otherwise, so that nothing can be left to ffmpeg.
     *
     * @param  array<string, mixed>  $placement
     */
    private function lowerThirdOver(array $placement): Composition
    {
        $json = LowerThird::composition('m1', 'Marta Oldani', 'Depot electrician')->toJson();
        $json['layers'][0] = [...$json['layers'][0], ...$placement];

        return Composition::read(new Node($json));
    }

    private function export(Scene $scene): void
    {
        (new RangeRenderer($scene))->render($scene->composition->range(), "$this->folder/out.mp4", fn (): bool => true);
    }

    /** @param  string  $filter  what is done to the clip first, ending with a comma */
    private function peer(string $filter = ''): void
    {
        $still = "$this->folder/strip.png";
        Ffmpeg::run([
            ...Ffmpeg::command(), '-f', 'lavfi', '-i', 'color=0x2f5d50@0.8:s=1920x220,format=rgba', '-frames:v', '1', '-y',
            $still,
        ]);
        Ffmpeg::run([
            ...Ffmpeg::command(), '-ss', '1.6', '-i', $this->clip, '-i', $still, '-filter_complex',
            "[0:v]{$filter}null[clip];[clip][1:v]overlay=0:780",
            '-frames:v', '200', ...(new Mp4)->encoder(Probe::clip($this->clip)->rate, Quality::Good), '-an', '-y', "$this->folder/peer.mp4",
        ]);
    }

    private function time(callable $work): float
    {
        $began = hrtime(true);
        $work();

        return (hrtime(true) - $began) / 1e9;
    }
}
