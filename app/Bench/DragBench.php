<?php

declare(strict_types=1);

namespace App\Bench;

use App\Demo\DemoFootage;
use App\Demo\LowerThird;
use App\Media\Intake;
use App\Models\CompositionRow;
use App\Models\MediaRow;
use App\Models\ProjectRow;
use App\Removal\Removed;
use RuntimeException;
use Symfony\Component\Process\Process;

/** How long it takes from a move of the pointer to the painted picture, while words are dragged over a clip in the browser. */
final class DragBench
{
    /** The layer that is dragged: the name. */
    private const LAYER = 'l4';

    public function __construct(private readonly Intake $intake)
    {
    }

    /** @return list<array{string, string, string}> */
    public function run(): array
    {
        $street = (new DemoFootage(storage_path('demo')))->street();
        $measured = BenchServer::with(function (ProjectRow $project) use ($street): array {
            $media = $this->intake->take($project, $street, 'Street.mp4');
            try {
                $this->wait($media);
                $composition = CompositionRow::store(
                    $project->id, LowerThird::composition($media->key(), 'Marta Oldani', 'Depot electrician'),
                );

                return $this->measure($composition);
            } finally {
                Removed::erase($media);
            }
        });
        $told = fn (string $what): string => sprintf('median %.1f ms, 95 %% %.1f ms', ...$measured[$what]);

        return [
            ['words dragged over a clip: from the move to the painted picture', $told('painted'), '≤ 50 ms, ≤ 80 ms'],
            ['… to what is asked of the server', $told('sent'), ''],
            ['… to its answer', $told('answered'), ''],
            ['… to the drawn picture', $told('drawn'), ''],
        ];
    }

    /** @return array<string, array{float, float}> median and 95 %, ms */
    private function measure(CompositionRow $composition): array
    {
        $url = 'http://127.0.0.1:'.BenchServer::PORT."/compositions/{$composition->id}";
        $browser = new Process(['node', base_path('tools/dragging.mjs'), $url, self::LAYER], base_path(), timeout: 180);
        $browser->mustRun();
        $figures = json_decode($browser->getOutput(), true);

        return is_array($figures) ? $figures : throw new RuntimeException('the browser told no figures');
    }

    private function wait(MediaRow $media): void
    {
        for ($try = 0; $try < 600 && $media->refresh()->state !== 'ready'; $try++) {
            usleep(100_000);
        }
    }
}
