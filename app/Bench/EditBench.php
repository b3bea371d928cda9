<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\CompositionRow;
use App\Models\ProjectRow;
use Illuminate\Support\Facades\Http;

/** How long an edit takes over HTTP, from a server of its own: patch and display list included, 20 layers. */
final class EditBench
{
    private const TIMES = 150;

    /** @return list<array{string, string, string}> */
    public function run(): array
    {
        [$small, $large] = BenchServer::with(fn (ProjectRow $project): array => [
            $this->measure(BenchServer::composition($project, 20, 2)),
            $this->measure(BenchServer::composition($project, 500, 3)),
        ]);

        return [
            ['an edit, 20 layers × 8 eased properties', sprintf('median %.1f ms, 95 %% %.1f ms', $small[0], $small[1]), '≤ 25 ms, ≤ 50 ms'],
            ['a try while dragging, the same', sprintf('median %.1f ms, 95 %% %.1f ms', $small[2], $small[3]), '≤ 25 ms, ≤ 50 ms'],
            ['an edit, 500 layers, 12,000 keyframes', sprintf('median %.1f ms, 95 %% %.1f ms', $large[0], $large[1]), 'median ≤ 60 ms'],
            [
                'a try while dragging in the picture, the same',
                sprintf('median %.1f ms, 95 %% %.1f ms', $large[2], $large[3]), 'median ≤ 40 ms',
            ],
            ['a try while dragging in time, the same', sprintf('median %.1f ms, 95 %% %.1f ms', $large[5], $large[6]), 'median ≤ 40 ms'],
            ['… opened', sprintf('%.0f ms', $large[4]), '≤ 2000 ms'],
        ];
    }

    /**
     * @return array{float, float, float, float, float, float, float} median and 95 % of edits and of tries, opening, median and
     *     95 % of tries in time; ms
     */
    private function measure(CompositionRow $composition): array
    {
        $url = 'http://127.0.0.1:'.BenchServer::PORT."/api/compositions/{$composition->id}";
        $opened = $this->time(fn () => Http::get($url)->throw());
        $edits = [];
        $tries = [];
        $triesInTime = [];
        // The interface tells which paths it has, as it has been sent them.
        $known = array_keys(Http::get("$url/glimpse", ['frame' => 40, 'layers' => 'l3'])->throw()->json('glimpse.list.paths'));
        for ($i = 0; $i < self::TIMES; $i++) {
            $body = [
                'edit' => 'drag-layers', 'args' => ['layers' => ['l3'], 'frame' => 40, 'by' => [1, 0]],
                'revision' => $i, 'show' => ['frame' => 40, 'layers' => ['l3'], 'known' => $known],
            ];
            $tries[] = $this->time(fn () => Http::post("$url/edits/try", $body)->throw());
            $inTime = [...$body, 'edit' => 'move-layers', 'args' => ['layers' => ['l3'], 'by' => $i % 9 + 0.3, 'snap' => ['within' => 3]]];
            $triesInTime[] = $this->time(fn () => Http::post("$url/edits/try", $inTime)->throw());
            $edits[] = $this->time(fn () => Http::post("$url/edits", $body)->throw());
        }
        sort($edits);
        sort($tries);
        sort($triesInTime);
        $at = fn (array $times, float $part): float => $times[(int) floor($part * (count($times) - 1))];

        return [
            $at($edits, 0.5), $at($edits, 0.95), $at($tries, 0.5), $at($tries, 0.95), $opened, $at($triesInTime, 0.5),
            $at($triesInTime, 0.95),
        ];
    }

    /** @return float milliseconds */
    private function time(callable $request): float
    {
        $began = hrtime(true);
        $request();

        return (hrtime(true) - $began) / 1e6;
    }
}
