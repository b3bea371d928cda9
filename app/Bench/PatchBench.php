<?php

declare(strict_types=1);

namespace App\Bench;

use App\Demo\DemoFootage;
use App\Media\Intake;
use App\Models\CompositionRow;
use App\Models\MediaRow;
use App\Models\ProjectRow;
use App\Removal\Removed;
use Illuminate\Support\Facades\File;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Media;
use Ricamo\Core\Document\MediaLibrary;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Kind\Text\TextBlocks;
use Ricamo\Core\Text\Shaper;
use Ricamo\Raster\Media\Clip;
use Ricamo\Raster\Media\Clips;
use Ricamo\Raster\Media\Probe;
use Ricamo\Raster\Process\Ffmpeg;
use Ricamo\Raster\Render\Format\Mp4;
use Ricamo\Raster\Render\Format\Quality;
use Ricamo\Raster\Render\RangeRenderer;
use Ricamo\Raster\Render\Scene;

/**
 * How fast a clip of 1080p falls into place in 48 patches: worked out, played, and exported beside ffmpeg transcoding the clip; the same in
 * the light of a lamp, before a wall on which they throw soft shadows.
 */
final class PatchBench
{
    private const ROUNDS = 2;

    private const FRAMES = 100;

    private string $folder;

    public function __construct(private readonly Shaper $shaper, private readonly Intake $intake)
    {
    }

    /** @return list<array{string, string, string}> */
    public function run(): array
    {
        $street = (new DemoFootage(storage_path('demo')))->street();
        $clip = Probe::clip($street);
        $this->folder = storage_path('app/bench-'.getmypid());
        File::ensureDirectoryExists($this->folder);
        try {
            $times = ['peer' => [], 'export' => []];
            for ($round = 0; $round < self::ROUNDS; $round++) {
                $times['peer'][] = $this->time(fn () => $this->peer($street, $clip));
                $times['export'][] = $this->time(fn () => $this->export($clip));
            }
        } finally {
            File::deleteDirectory($this->folder);
        }
        [$peer, $export] = array_map(min(...), array_values($times));
        $evaluated = $this->framesPerSecond($clip);
        [$played, $lit] = BenchServer::with(fn (ProjectRow $project): array => $this->played($project, $street));

        return [
            ['48 patches of a clip of 1080p, falling: evaluated', sprintf('%d frames a second', $evaluated), '≥ 200'],
            ['… played', sprintf('%.1f of 25 frames a second', $played), '≥ 25'],
            ['… played, with soft shadows on a wall', sprintf('%.1f of 25 frames a second', $lit), '≥ 15'],
            ['ffmpeg, transcoding '.self::FRAMES.' frames of the clip', sprintf('%.2f s', $peer), ''],
            ['… export of the patches', sprintf('%.2f s, × %.2f', $export, $export / $peer), '≤ × 4'],
        ];
    }

    /** What they fall before, and what lights it. */
    private const IN_LIGHT = [
        [
            'id' => 'wall', 'kind' => 'shape', 'form' => 'rectangle', 'name' => 'Wall', 'in' => 0, 'out' => self::FRAMES,
            'position' => [960, 540], 'size' => [2400, 1400], 'fill' => '#c8bfae', 'z' => 150,
        ],
        [
            'id' => 'ambient', 'kind' => 'light', 'source' => 'ambient', 'name' => 'Ambient', 'in' => 0, 'out' => self::FRAMES,
            'lightStrength' => 30,
        ],
        [
            'id' => 'sun', 'kind' => 'light', 'source' => 'directional', 'name' => 'Sun', 'in' => 0, 'out' => self::FRAMES,
            'position' => [400, 0], 'z' => -2000, 'aim' => [960, 540], 'shadow' => 70, 'lightSize' => 60,
        ],
    ];

    private static function composition(string $media, bool $isLit = false): Composition
    {
        return Composition::read(new Node([
            'id' => 'c', 'name' => 'Patches', 'width' => 1920, 'height' => 1080, 'rate' => '25/1', 'length' => self::FRAMES,
            'layers' => [...($isLit ? self::IN_LIGHT : []), [
                'id' => 'l1', 'kind' => 'footage', 'media' => $media, 'name' => 'Street', 'in' => 0, 'out' => self::FRAMES,
                'position' => [960, 540], 'patchwork' => ['rows' => 6, 'columns' => 8],
                'cascades' => [[
                    'id' => 'c1', 'as' => 'arrive', 'units' => 'patches', 'length' => self::FRAMES, 'overlap' => 97, 'easing' => 'linear',
                    'position' => [0, -400], 'z' => -800, 'tiltX' => 40, 'scatterTilt' => 10, 'opacity' => 100,
                ]],
            ]],
        ]));
    }

    private function framesPerSecond(Clip $clip): float
    {
        $evaluator = new Evaluator(MediaLibrary::of(new Media('m1', 'Street', 'street.mp4', $clip->facts())), new TextBlocks($this->shaper));
        $composition = self::composition('m1');
        $evaluator->frame($composition, 0);

        return self::FRAMES / $this->time(function () use ($evaluator, $composition): void {
            for ($frame = 0; $frame < self::FRAMES; $frame++) {
                $evaluator->frame($composition, $frame)->encode();
            }
        });
    }

    /** @return list<float> frames a second, without light and in it */
    private function played(ProjectRow $project, string $street): array
    {
        $media = $this->intake->take($project, $street, 'Street.mp4');
        try {
            $this->wait($media);

            return array_map(fn (bool $isLit): float => BenchServer::played(
                CompositionRow::store($project->id, self::composition($media->key(), $isLit)->withId($isLit ? 'lit' : 'c')),
            ), [false, true]);
        } finally {
            Removed::erase($media);
        }
    }

    private function wait(MediaRow $media): void
    {
        for ($try = 0; $try < 600 && $media->refresh()->state !== 'ready'; $try++) {
            usleep(100_000);
        }
    }

    private function export(Clip $clip): void
    {
        $media = MediaLibrary::of(new Media('m1', 'Street', 'street.mp4', $clip->facts()));
        $composition = self::composition('m1');
        (new RangeRenderer(new Scene($composition, $media, new Clips(['m1' => $clip]))))->render(
            $composition->range(), "$this->folder/out.mp4", fn (): bool => true,
        );
    }

    private function peer(string $street, Clip $clip): void
    {
        Ffmpeg::run([
            ...Ffmpeg::command(), '-i', $street, '-frames:v', (string) self::FRAMES, ...(new Mp4)->encoder($clip->rate, Quality::Good),
            '-an', '-y', "$this->folder/peer.mp4",
        ]);
    }

    private function time(callable $work): float
    {
        $began = hrtime(true);
        $work();

        return (hrtime(true) - $began) / 1e9;
    }
}
