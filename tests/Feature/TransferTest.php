<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\CompositionRow;
use App\Models\MediaRow;
use App\Models\ProjectRow;
use App\Removal\Removed;
use Ricamo\Core\Document\Project;
use Tests\TestCase;
use ZipArchive;

/** Projects are got out as files and brought in again. */
final class TransferTest extends TestCase
{
    private function withAClip(): CompositionRow
    {
        $composition = $this->composition();
        $media = $this->takeIn($composition->project, $this->clipFile(), 'Straße: 1.mp4');
        $this->edit(
            $composition, 'add-layer',
            ['layer' => ['kind' => 'footage', 'media' => $media->key(), 'from' => '5/2', 'id' => 'clip']],
        );
        $this->addBar(
            $composition,
            ['id' => 'bar', 'rotation' => ['keyframes' => [['at' => 0, 'value' => 0, 'easing' => 'back-out'], ['at' => 9, 'value' => 90]]]],
        );

        return $composition->refresh();
    }

    private function archive(CompositionRow $composition): string
    {
        $answer = $this->get("/api/projects/{$composition->project_id}/export.ricamo")->assertOk()->assertDownload('depot-nine.ricamo');
        $file = "$this->folder/out.ricamo";
        copy($answer->getFile()->getPathname(), $file);

        return $file;
    }

    /** @return array{state: string, problem: ?string, composition: ?int} */
    private function open(string $file, string $name = 'in.ricamo'): array
    {
        $location = (string) $this->announce('uploads', (int) filesize($file), $name)->assertStatus(201)->headers->get('Location');
        $this->send($location, 0, (string) file_get_contents($file))->assertStatus(204);
        $this->getJson("$location/outcome")->assertJsonPath('state', 'opening');
        $this->work();

        return $this->getJson("$location/outcome")->assertOk()->json();
    }

    /** @param  array<string, string>  $entries */
    private function zip(array $entries): string
    {
        $file = "$this->folder/made.ricamo";
        @unlink($file);
        $zip = new ZipArchive;
        $zip->open($file, ZipArchive::CREATE);
        foreach ($entries as $name => $content) {
            $zip->addFromString($name, $content);
        }
        $zip->close();

        return $file;
    }

    public function test_what_is_got_out_is_the_same_when_it_is_brought_in(): void
    {
        $composition = $this->withAClip();
        $file = $this->archive($composition);
        $zip = new ZipArchive;
        $zip->open($file);
        self::assertSame(['project.json', 'media/m1-Straße-1.mp4'], array_map($zip->getNameIndex(...), range(0, $zip->numFiles - 1)));
        $document = Project::parse((string) $zip->getFromName('project.json'));
        self::assertSame(2, count($document->composition()->layers));
        $outcome = $this->open($file);
        self::assertSame(['opened', null], [$outcome['state'], $outcome['problem']]);
        $opened = CompositionRow::query()->findOrFail($outcome['composition']);
        self::assertNotSame($composition->project_id, $opened->project_id);
        self::assertSame('Depot Nine', $opened->project->name);
        $media = MediaRow::query()->where('project_id', $opened->project_id)->firstOrFail();
        self::assertSame(['Straße: 1.mp4', 'ready'], [$media->name, $media->state]);
        $layers = fn (CompositionRow $one): string => str_replace(
            $media->key(), 'm1', (string) json_encode($this->document($one)['layers']),
        );
        self::assertSame($layers($composition), $layers($opened));
        self::assertSame([], glob(config('ricamo.uploads').'/*'));
    }

    public function test_the_plain_document_can_be_had_and_brought_in_where_it_needs_no_media(): void
    {
        $composition = $this->composition();
        $this->addBar($composition);
        $json = $this->get("/api/projects/{$composition->project_id}/export.json")->assertOk()->getContent();
        file_put_contents("$this->folder/plain.json", $json);
        self::assertSame('opened', $this->open("$this->folder/plain.json", 'plain.json')['state']);
        self::assertSame(2, ProjectRow::present()->count());
        // Media of this server are known by their content.
        $with = $this->withAClip();
        file_put_contents("$this->folder/plain.json", $this->get("/api/projects/{$with->project_id}/export.json")->getContent());
        $outcome = $this->open("$this->folder/plain.json", 'plain.json');
        self::assertSame(['opened', null], [$outcome['state'], $outcome['problem']]);
        $opened = CompositionRow::query()->findOrFail($outcome['composition']);
        $media = MediaRow::query()->where('project_id', $opened->project_id)->firstOrFail();
        self::assertSame(
            [MediaRow::query()->where('project_id', $with->project_id)->value('hash'), 'ready'],
            [$media->hash, $media->state],
        );
        self::assertFileExists($media->original());
        // Others are not, and named.
        Removed::erase($opened->project);
        Removed::erase($with->project);
        $outcome = $this->open("$this->folder/plain.json", 'plain.json');
        self::assertSame(
            'plain.json cannot be opened: it refers to media that are neither in it nor on this server: “Straße: 1.mp4”; bring in the .ricamo file, which holds them.',
            $outcome['problem'],
        );
        self::assertSame(2, ProjectRow::query()->count());
    }

    public function test_hostile_project_files_are_refused_in_one_line_and_leave_nothing(): void
    {
        $document = fn (array $fields = []): string => (string) json_encode(['format' => 'ricamo-project', 'version' => 1, 'name' => 'X', 'compositions' => [
            ['id' => 'c', 'name' => 'C', 'width' => 64, 'height' => 36, 'rate' => '25/1', 'length' => 5],
        ], ...$fields]);
        $media = ['media' => [['id' => 'm', 'name' => 'Clip', 'file' => '../../../etc/passwd']]];
        $files = [
            'it holds no project.json' => $this->zip(['readme.txt' => 'hello']),
            'format: must be "ricamo-project"' => [['project.json' => '{"format":"other"}']],
            'not valid JSON' => [['project.json' => '{']],
            'Clip is not in it' => [['project.json' => $document($media)]],
            'Clip cannot be used: it cannot be read as video' => [[
                'project.json' => $document($media), '../../../etc/passwd' => 'root:x:0:0',
            ]],
        ];
        foreach ($files as $reason => $made) {
            $outcome = $this->open(is_string($made) ? $made : $this->zip($made[0]));
            self::assertSame('refused', $outcome['state'], $reason);
            self::assertStringContainsString($reason, (string) $outcome['problem']);
            self::assertStringNotContainsString($this->folder, (string) $outcome['problem']);
        }
        file_put_contents(
            "$this->folder/cut.ricamo",
            substr((string) file_get_contents($this->zip(['project.json' => $document()])), 0, 100),
        );
        self::assertStringContainsString('damaged', (string) $this->open("$this->folder/cut.ricamo")['problem']);
        file_put_contents("$this->folder/noise.ricamo", random_bytes(5000));
        self::assertSame('refused', $this->open("$this->folder/noise.ricamo")['state']);
        self::assertSame([0, 0], [ProjectRow::query()->count(), MediaRow::query()->count()]);
        self::assertSame([], glob(config('ricamo.uploads').'/*'));
    }

    public function test_an_archive_that_grows_beyond_all_limits_is_not_opened(): void
    {
        config(['ricamo.upload_bytes' => 1_000_000]);
        $file = $this->zip(['project.json' => '{}', 'media/zeros' => str_repeat("\0", 5_000_000)]);
        self::assertLessThan(20_000, filesize($file));
        self::assertStringContainsString('takes more room than there is', (string) $this->open($file)['problem']);
    }
}
