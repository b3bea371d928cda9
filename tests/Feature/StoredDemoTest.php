<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Demo\DemoProject;
use App\Editing\ProjectRecord;
use App\Models\CompositionRow;
use App\Models\MediaRow;
use App\Models\ProjectRow;
use PHPUnit\Framework\Attributes\DataProvider;
use Ricamo\Core\Document\StoredLayer;
use Ricamo\Core\Edit\Edits;
use Ricamo\Core\Json\Text;
use Ricamo\Core\Tests\Edit\AnyEdit;
use Tests\TestCase;

/** The demo's compositions as they are stored, edited over HTTP: what holds for layers in memory holds for those that were read back. */
final class StoredDemoTest extends TestCase
{
    /** Fewer clips than the demo has: what they show does not matter here. */
    private function demo(): ProjectRow
    {
        $project = ProjectRow::query()->create(['name' => 'Depot Nine']);
        $media = function (int $width, int $frames, bool $sound) use ($project): string {
            $clip = [
                'rate' => '25/1', 'width' => $width, 'height' => intdiv($width * 9, 16), 'frames' => $frames, 'start' => 0,
                'fileStart' => 0, 'seekable' => true, 'planar' => true, 'matrix' => 'bt709', 'fullRange' => false,
                ...($sound ? ['soundSeconds' => $frames / 25] : []),
            ];

            return MediaRow::query()->create([
                'project_id' => $project->id, 'name' => "Media of $frames", 'hash' => "media-$frames-$width",
                'clip' => Text::of($clip), 'state' => 'ready',
            ])->key();
        };
        $documents = DemoProject::documents(
            $media(1920, 300, true), $media(1920, 250, false), $media(1920, 1, false), $media(600, 1, false),
            $media(1920, 50, false), $media(512, 1, false), $media(0, 300, true),
        );
        foreach ($documents as $place => $document) {
            CompositionRow::store($project->id, $document, $place);
        }

        return $project;
    }

    /**
     * @return list<array{string, callable(string): array<string, mixed>}> what is done to any layer every day: the edit, and
     *     its arguments for one of an id
     */
    private function ordinary(): array
    {
        return [
            ['rename-layer', fn (string $id): array => ['layer' => $id, 'name' => 'Named anew']],
            ['set-layer', fn (string $id): array => ['layers' => [$id], 'label' => 'woad', 'motionBlur' => true]],
            ['move-layers', fn (string $id): array => ['layers' => [$id], 'by' => 3]],
            ['trim-layer', fn (string $id): array => ['layer' => $id, 'in' => -2]],
            [
                'set-values',
                fn (string $id): array => ['frame' => 5, 'values' => [['layer' => $id, 'property' => 'opacity', 'value' => 40]]],
            ],
            ['drag-layers', fn (string $id): array => ['layers' => [$id], 'frame' => 5, 'by' => [12, -7]]],
            ['add-keyframe', fn (string $id): array => ['layers' => [$id], 'property' => 'scale', 'frame' => 7]],
            ['duplicate-layers', fn (string $id): array => ['layers' => [$id]]],
            ['group-layers', fn (string $id): array => ['layers' => [$id], 'frame' => 5, 'name' => 'Group']],
            ['add-effect', fn (string $id): array => ['layers' => [$id], 'effect' => 'blur']],
            ['add-mask', fn (string $id): array => ['layers' => [$id], 'form' => 'ellipse']],
            ['split-layers', fn (string $id): array => ['layers' => [$id], 'at' => 20]],
            ['remove-layers', fn (string $id): array => ['layers' => [$id]]],
        ];
    }

    public function test_every_layer_takes_each_ordinary_edit_and_one_undo_gives_back_the_same(): void
    {
        $project = $this->demo();
        $done = 0;
        foreach ($project->compositions()->orderBy('place')->get() as $composition) {
            $before = $composition->document;
            $ids = $composition->read()->layers->ids();
            foreach ($ids as $at => $id) {
                // In turns, so that each edit meets each kind of layer without all of them meeting all.
                foreach ($this->ordinary() as $number => [$edit, $args]) {
                    if (($number + $at) % 3 !== 0) {
                        continue;
                    }
                    $told = "$edit of $id in {$composition->name}";
                    $answer = $this->edit($composition, $edit, $args($id));
                    if ($answer->status() === 422) {
                        // Sounds have no place, and what cannot be split says so; nothing else stands in the way.
                        self::assertMatchesRegularExpression(
                            '/is not seen|is not a property of a (camera|light) layer|has no (opacity|scale|position)|has no place|is not split|no layer/',
                            $answer->json('message'), $told,
                        );

                        continue;
                    }
                    $answer->assertOk();
                    if ($answer->json('patch') === []) {
                        continue;
                    }
                    $done++;
                    $other = $ids[($at + 1) % count($ids)];
                    if ($edit !== 'remove-layers' && $other !== $id) {
                        $this->edit($composition, 'rename-layer', ['layer' => $other, 'name' => 'Another'])->assertOk();
                        $this->undo($composition);
                    }
                    $this->undo($composition);
                    self::assertSame($before, $composition->refresh()->document, $told);
                }
            }
        }
        self::assertGreaterThan(300, $done);
    }

    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        foreach ([11, 12] as $seed) {
            yield "seed $seed" => [$seed];
        }
    }

    #[DataProvider('seeds')]
    public function test_any_edit_of_what_is_stored_is_answered_and_one_undo_gives_back_the_same(int $seed): void
    {
        mt_srand($seed);
        $project = $this->demo();
        $rows = $project->compositions()->orderBy('place')->get();
        $names = array_keys(Edits::BY_NAME);
        shuffle($names);
        foreach ($names as $edit) {
            $record = ProjectRecord::of($project->id)->document;
            $row = $rows[mt_rand(0, count($rows) - 1)];
            $args = (new AnyEdit($record, $record->compositions->get($row->key)))->args($edit);
            $before = $this->documents($project);
            $answer = $this->edit($row, $edit, $args);
            $told = "seed $seed: ".json_encode(['composition' => $row->name, 'edit' => $edit, 'args' => $args]);
            self::assertContains($answer->status(), [200, 422], $told.' '.$answer->getContent());
            if ($answer->status() === 200 && $this->documents($project) !== $before) {
                $this->assertFacts($project, $told);
                // Where what was looked at is gone, it is done from where one is led.
                $this->undo(CompositionRow::query()->findOrFail($answer->json('open') ?? $row->id));
                self::assertSame($before, $this->documents($project), $told);
            }
        }
    }

    private function undo(CompositionRow $composition): void
    {
        $this->postJson("/api/compositions/{$composition->id}/undo", ['revision' => $composition->refresh()->revision])->assertOk();
    }

    /** Columns that tell of a layer tell what it says itself. */
    private function assertFacts(ProjectRow $project, string $told): void
    {
        foreach ($project->compositions()->get() as $row) {
            foreach ($row->read()->layers->entries() as $entry) {
                self::assertEquals($entry->facts, StoredLayer::of($entry->layer())->facts, $told);
            }
        }
    }

    /** @return array<string, string> what is stored of each composition that is not removed */
    private function documents(ProjectRow $project): array
    {
        return CompositionRow::query()->where('project_id', $project->id)->whereNull('removed_at')->get()->mapWithKeys(
            fn (CompositionRow $one): array => [$one->key => $one->document],
        )->sortKeys()->all();
    }
}
