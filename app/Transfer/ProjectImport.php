<?php

declare(strict_types=1);

namespace App\Transfer;

use App\Media\Intake;
use App\Models\CompositionRow;
use App\Models\MediaRow;
use App\Models\ProjectRow;
use App\Models\Upload;
use App\Removal\Removed;
use Illuminate\Support\Facades\DB;
use Ricamo\Core\Document\Media;
use Ricamo\Core\Document\Project;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Json\Text;
use Ricamo\Core\Refusal;
use Throwable;
use ZipArchive;

/** Makes a project of a project file that was brought in. The file is not trusted. */
final class ProjectImport
{
    private const LARGEST_DOCUMENT = 64 * 1024 * 1024;

    private const MOST_ENTRIES = 10_000;

    /** How many of those that are missing are named. */
    private const NAMED = 5;

    public function __construct(private readonly Intake $intake)
    {
    }

    /**
     * What was half made of it before is taken away first.
     *
     * @throws Refusal
     */
    public function open(Upload $upload): void
    {
        ProjectRow::query()->where('upload', $upload->id)->get()->each(Removed::erase(...));
        $file = $upload->file();
        $isArchive = file_get_contents($file, length: 4) === "PK\x03\x04";
        $zip = $isArchive ? $this->archive($file) : null;
        $document = Project::read(Node::decode($zip === null ? $this->plain($file) : $this->documentIn($zip)));
        if ($zip === null) {
            self::checkThere($document);
        }
        // Out of sight until it is whole.
        $project = ProjectRow::query()->create([
            'name' => $document->name, ...array_map(Text::of(...), $document->kept->toJson()), 'removed_at' => now(),
            'upload' => $upload->id,
        ]);
        try {
            $ids = [];
            foreach ($document->media->all() as $media) {
                $taken = $zip === null ? $this->taken($media, $project) : $this->take($zip, $media, $project);
                MediaRow::query()->whereKey($taken->id)->update(['folder' => $media->folder]);
                $ids[$media->id] = $taken->key();
            }
            foreach ($document->compositions as $place => $composition) {
                CompositionRow::store($project->id, $composition->usingMedia($ids), $place);
            }
        } catch (Throwable $failure) {
            Removed::erase($project);
            throw $failure;
        }
        DB::transaction(function () use ($project, $upload): void {
            $project->forceFill(['removed_at' => null, 'upload' => null])->save();
            $upload->update(['state' => 'opened', 'composition_id' => $project->compositions()->firstOrFail()->id]);
        });
    }

    private function plain(string $file): string
    {
        $begins = ltrim((string) file_get_contents($file, length: 100));

        return str_starts_with($begins, '{') && filesize($file) <= self::LARGEST_DOCUMENT
            ? (string) file_get_contents($file)
            : throw new Refusal('it is no project file');
    }

    /**
     * Media that a plain document refers to are known by their content, where this server has it.
     *
     * @throws Refusal that names what is missing
     */
    private static function checkThere(Project $document): void
    {
        $missing = array_filter(
            $document->media->all(),
            fn (Media $media): bool => $media->hash === null || ! is_file(MediaRow::originalOf($media->hash)),
        );
        if ($missing !== []) {
            $names = array_map(fn (Media $media): string => "“{$media->name}”", array_values($missing));
            $more = count($names) > self::NAMED ? ' and '.(count($names) - self::NAMED).' more' : '';
            throw new Refusal('it refers to media that are neither in it nor on this server: '.implode(
                ', ', array_slice($names, 0, self::NAMED),
            )."$more; bring in the .ricamo file, which holds them");
        }
    }

    /** One whose content is here already. */
    private function taken(Media $media, ProjectRow $project): MediaRow
    {
        $row = MediaRow::query()->create([
            'project_id' => $project->id, 'name' => $media->name, 'state' => 'checking',
            'bytes' => (int) filesize(MediaRow::originalOf((string) $media->hash)),
        ]);
        $this->intake->accept($row, MediaRow::originalOf((string) $media->hash));

        return $row->state === 'twin' ? MediaRow::query()->findOrFail($row->twin) : $row;
    }

    private function archive(string $file): ZipArchive
    {
        $zip = new ZipArchive;
        if ($zip->open($file, ZipArchive::RDONLY) !== true || $zip->numFiles > self::MOST_ENTRIES) {
            throw new Refusal('it is damaged, or no project file');
        }
        $bytes = 0;
        for ($index = 0; $index < $zip->numFiles; $index++) {
            $bytes += (int) ($zip->statIndex($index)['size'] ?? 0);
        }
        if ($bytes > config('ricamo.upload_bytes') || $bytes > (float) @disk_free_space(config('ricamo.uploads'))) {
            throw new Refusal('what is in it takes more room than there is');
        }

        return $zip;
    }

    private function documentIn(ZipArchive $zip): string
    {
        $size = $zip->statName(ProjectExport::DOCUMENT)['size'] ?? throw new Refusal('it holds no '.ProjectExport::DOCUMENT);
        if ($size > self::LARGEST_DOCUMENT) {
            throw new Refusal('its '.ProjectExport::DOCUMENT.' is too large');
        }

        return (string) $zip->getFromName(ProjectExport::DOCUMENT, $size);
    }

    /** Names in the archive are compared, and never used as paths. */
    private function take(ZipArchive $zip, Media $media, ProjectRow $project): MediaRow
    {
        $size = (int) ($zip->statName($media->file)['size'] ?? throw new Refusal("{$media->name} is not in it"));
        $source = $zip->getStream($media->file) ?: throw new Refusal("{$media->name} cannot be read");
        $row = MediaRow::query()->create(['project_id' => $project->id, 'name' => $media->name, 'state' => 'checking', 'bytes' => $size]);
        $path = Upload::fileOf("opened-{$row->id}");
        try {
            $target = fopen($path, 'wb') ?: throw new Refusal('the disk is full');
            // One byte more than it says that it holds is one too many.
            $copied = stream_copy_to_stream($source, $target, $size + 1);
            if ($copied !== $size || ! fclose($target)) {
                throw new Refusal("{$media->name} is damaged, or the disk is full");
            }
            try {
                $this->intake->accept($row, $path);
            } catch (Refusal $refusal) {
                throw new Refusal("{$media->name} cannot be used: {$refusal->getMessage()}");
            }
        } finally {
            Upload::sweep($path);
        }

        return $row->state === 'twin' ? MediaRow::query()->findOrFail($row->twin) : $row;
    }
}
