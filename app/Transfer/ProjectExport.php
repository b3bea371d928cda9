<?php

declare(strict_types=1);

namespace App\Transfer;

use App\Editing\LayerRow;
use App\Models\CompositionRow;
use App\Models\MediaRow;
use App\Models\ProjectRow;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Str;
use Ricamo\Core\Document\Project;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Refusal;
use ZipArchive;

/** Writes a project as a file: the plain JSON, or a ZIP of it and the media it refers to. */
final class ProjectExport
{
    /** The name of the JSON in a ZIP. */
    public const DOCUMENT = 'project.json';

    /** Where what is being sent is put together. */
    public static function folder(): string
    {
        return storage_path('framework/exports');
    }

    public function json(ProjectRow $project): string
    {
        return json_encode(
            $this->document($project)->toJson(),
            JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES,
        )."\n";
    }

    /**
     * @return string the ZIP's file, to be deleted once it is sent
     *
     * @throws Refusal where it cannot be put together
     */
    public function archive(ProjectRow $project): string
    {
        File::ensureDirectoryExists(self::folder());
        $this->checkRoom($project);
        $file = self::folder().'/'.Str::random(20).'.ricamo';
        $zip = new ZipArchive;
        $zip->open($file, ZipArchive::CREATE | ZipArchive::EXCL);
        $zip->addFromString(self::DOCUMENT, $this->json($project));
        foreach ($this->media($project) as $media) {
            $name = self::nameOf($media);
            $zip->addFile($media->original(), $name);
            // Video does not get smaller.
            $zip->setCompressionName($name, ZipArchive::CM_STORE);
        }
        if (! @$zip->close()) {
            File::delete($file);
            throw new Refusal('The project could not be put together: the disk is full, or a file of its media is missing.');
        }

        return $file;
    }

    private function document(ProjectRow $project): Project
    {
        return Project::read(new Node([
            'format' => Project::FORMAT,
            'version' => Project::VERSION,
            'name' => $project->name,
            'media' => array_map(
                fn (MediaRow $media): array => [
                    'id' => $media->key(), 'name' => $media->name, 'file' => self::nameOf($media), 'hash' => $media->hash,
                    ...($media->folder === null ? [] : ['folder' => $media->folder]),
                ],
                $this->media($project),
            ),
            'compositions' => $project->compositions()->get()->map(
                fn (CompositionRow $composition): array => $composition->read()->toJson(),
            )->all(),
            ...$project->kept(),
        ]));
    }

    /** @return list<MediaRow> those that are removed included, where a composition still uses them */
    private function media(ProjectRow $project): array
    {
        $lists = DB::table('layers')->whereIn(
            'composition_id', $project->compositions()->select('id'),
        )->whereNotNull('media')->pluck('media')->all();
        $used = array_merge(...array_map(LayerRow::ids(...), $lists));

        return array_values(MediaRow::query()->where('project_id', $project->id)->whereNotIn('state', MediaRow::UNSEEN)->orderBy('id')->get()
            ->filter(fn (MediaRow $media): bool => $media->removed_at === null || in_array($media->key(), $used, true))->all());
    }

    private static function nameOf(MediaRow $media): string
    {
        $plain = trim((string) preg_replace('/[^\pL\pN._-]+/u', '-', $media->name), '.-');

        return 'media/'.$media->key().'-'.(mb_substr($plain, 0, 100) ?: 'clip');
    }

    private function checkRoom(ProjectRow $project): void
    {
        $bytes = array_sum(array_map(fn (MediaRow $media): int => (int) @filesize($media->original()), $this->media($project)));
        if ((int) @disk_free_space(self::folder()) < $bytes + 50_000_000) {
            throw new Refusal('There is no room on the disk to put the project together; its JSON can be had without the media.');
        }
    }
}
