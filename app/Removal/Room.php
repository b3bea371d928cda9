<?php

namespace App\Removal;

use App\Models\Composition;
use App\Models\Media;
use App\Models\Project;
use App\Models\Render;
use FilesystemIterator;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;

/** How much room things take on the disk, in bytes. */
final class Room
{
    public static function of(Project|Composition|Media|Render $one): int
    {
        return match (true) {
            $one instanceof Project => array_sum(self::ofProject($one)),
            $one instanceof Media => self::ofMedia($one),
            $one instanceof Render => self::ofFolder($one->folder()),
            default => strlen($one->document) + self::ofRenders($one),
        };
    }

    /** @return array{originals: int, previews: int, renders: int} what is not removed of it */
    public static function ofProject(Project $project): array
    {
        $media = Media::present()->where('project_id', $project->id)->whereNotIn('state', Media::UNSEEN)->get();

        return [
            'originals' => (int) $media->sum(fn (Media $one): int => (int) @filesize($one->original())),
            'previews' => (int) $media->sum(fn (Media $one): int => self::ofFolder($one->previews())),
            'renders' => (int) Composition::present()->where('project_id', $project->id)->get(['id'])->sum(self::ofRenders(...)),
        ];
    }

    /** @return array{free: int, total: int} of the disk that renders are written to */
    public static function disk(): array
    {
        $folder = is_dir((string) config('ricamo.renders')) ? config('ricamo.renders') : storage_path();

        return ['free' => (int) @disk_free_space($folder), 'total' => (int) @disk_total_space($folder)];
    }

    private static function ofMedia(Media $media): int
    {
        return $media->hash === null ? 0 : (int) @filesize($media->original()) + self::ofFolder($media->previews());
    }

    private static function ofRenders(Composition $composition): int
    {
        return (int) $composition->renders()->whereNull('removed_at')->get()->sum(fn (Render $render): int => self::ofFolder($render->folder()));
    }

    private static function ofFolder(string $folder): int
    {
        if (! is_dir($folder)) {
            return 0;
        }
        $bytes = 0;
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator($folder, FilesystemIterator::SKIP_DOTS)) as $file) {
            $bytes += (int) @$file->getSize();
        }

        return $bytes;
    }
}
