<?php

declare(strict_types=1);

namespace App\Removal;

use App\Models\CompositionRow;
use App\Models\MediaRow;
use App\Models\ProjectRow;
use App\Models\Render;
use FilesystemIterator;
use Illuminate\Support\Facades\DB;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;

/** How much room things take on the disk, in bytes: as it was kept when they were made, measured once where it was not. */
final class Room
{
    public static function of(ProjectRow|CompositionRow|MediaRow|Render $one): int
    {
        return match (true) {
            $one instanceof ProjectRow => array_sum(self::ofProject($one)),
            $one instanceof MediaRow => self::ofMedia($one),
            $one instanceof Render => self::ofRender($one),
            default => self::ofDocument($one) + (int) Render::present()->where('composition_id', $one->id)->get()->sum(self::ofRender(...)),
        };
    }

    /** @return array{originals: int, previews: int, renders: int} what is not removed of it */
    public static function ofProject(ProjectRow $project): array
    {
        $media = MediaRow::present()->where('project_id', $project->id)->whereNotIn('state', MediaRow::UNSEEN)->get();
        $renders = Render::present()->whereIn(
            'composition_id', CompositionRow::present()->where('project_id', $project->id)->select('id'),
        )->get();

        return [
            'originals' => (int) $media->sum('bytes'),
            'previews' => (int) $media->sum(self::ofPreview(...)),
            'renders' => (int) $renders->sum(self::ofRender(...)),
        ];
    }

    /** @return array{free: int, total: int} of the disk that renders are written to */
    public static function disk(): array
    {
        $folder = is_dir((string) config('ricamo.renders')) ? config('ricamo.renders') : storage_path();

        return ['free' => (int) @disk_free_space($folder), 'total' => (int) @disk_total_space($folder)];
    }

    private static function ofMedia(MediaRow $media): int
    {
        return $media->hash === null ? 0 : $media->bytes + self::ofPreview($media);
    }

    /** One that is being made counts once it is there. */
    private static function ofPreview(MediaRow $media): int
    {
        if ($media->preview_bytes === null && ! in_array($media->state, MediaRow::TO_PREPARE, true)) {
            $media->update(['preview_bytes' => self::ofFolder($media->previews())]);
        }

        return (int) $media->preview_bytes;
    }

    private static function ofRender(Render $render): int
    {
        if ($render->bytes === null && ! $render->isUnderWay()) {
            $render->update(['bytes' => self::ofFolder($render->folder())]);
        }

        return $render->bytes ?? self::ofFolder($render->folder());
    }

    private static function ofDocument(CompositionRow $composition): int
    {
        return strlen($composition->head)
            + (int) DB::table('layers')->where('composition_id', $composition->id)->sum(DB::raw('length(json)'));
    }

    public static function ofFolder(string $folder): int
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
