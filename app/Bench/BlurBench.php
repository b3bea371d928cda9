<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\CompositionRow as StoredComposition;
use App\Models\ProjectRow;
use Illuminate\Support\Facades\File;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\MediaLibrary;
use Ricamo\Core\Json\Node;
use Ricamo\Raster\Media\Clips;
use Ricamo\Raster\Render\RangeRenderer;
use Ricamo\Raster\Render\Scene;

/** What motion blur costs: sixty layers as large as letters that fly and turn, with it and without. */
final class BlurBench
{
    private const FRAMES = 50;

    private const ROUNDS = 2;

    /** @return list<array{string, string, string}> */
    public function run(): array
    {
        $folder = storage_path('app/bench-'.getmypid());
        File::ensureDirectoryExists($folder);
        $sharp = new Scene(self::letters(false), MediaLibrary::of(), new Clips([]));
        $blurred = new Scene(self::letters(true), MediaLibrary::of(), new Clips([]));
        $times = ['sharp' => [], 'blurred' => [], 'evaluated' => []];
        try {
            for ($round = 0; $round < self::ROUNDS; $round++) {
                $times['sharp'][] = $this->time(fn () => (new RangeRenderer($sharp))->render(
                    $sharp->composition->range(), "$folder/out.mp4", fn (): bool => true,
                ));
                $times['blurred'][] = $this->time(fn () => (new RangeRenderer($blurred))->render(
                    $blurred->composition->range(), "$folder/out.mp4", fn (): bool => true,
                ));
                $times['evaluated'][] = $this->time(function () use ($blurred): void {
                    foreach ($blurred->lists($blurred->composition->range()) as $list) {
                        $list->encode();
                    }
                });
            }
        } finally {
            File::deleteDirectory($folder);
        }
        $played = BenchServer::with(
            fn (ProjectRow $project): float => BenchServer::played(StoredComposition::store($project->id, self::letters(true))),
        );
        [$sharp, $blurred, $evaluated] = array_map(min(...), array_values($times));

        return [
            ['60 blurred layers, 1280 × 720, evaluated', sprintf('%d frames a second', self::FRAMES / $evaluated), '≥ 25'],
            ['… played', sprintf('%.1f of 25 frames a second', $played), '≥ 25'],
            ['… exported', sprintf('%.2f s, × %.2f of the same without blur', $blurred, $blurred / $sharp), '≤ × 3'],
        ];
    }

    private static function letters(bool $blurred): Composition
    {
        return Composition::read(new Node([
            'id' => 'c', 'name' => 'Blur', 'width' => 1280, 'height' => 720, 'rate' => '25/1', 'length' => self::FRAMES,
            'layers' => array_map(fn (int $index): array => [
                'id' => "l$index", 'kind' => 'shape', 'form' => 'rectangle', 'name' => "Letter $index", 'in' => 0,
                'out' => self::FRAMES, 'size' => [40, 60], 'fill' => '#f3e3c3', 'motionBlur' => $blurred,
                'position' => ['keyframes' => [
                    ['at' => 0, 'value' => [100 + 18 * $index, -100], 'easing' => 'ease-out(75%)'],
                    ['at' => self::FRAMES, 'value' => [100 + 18 * $index, 200 + 5 * $index]],
                ]],
                'rotation' => ['keyframes' => [['at' => 0, 'value' => 0], ['at' => self::FRAMES, 'value' => 360]]],
            ], range(0, 59)),
        ]));
    }

    /** @return float seconds */
    private function time(callable $work): float
    {
        $began = hrtime(true);
        $work();

        return (hrtime(true) - $began) / 1e9;
    }
}
