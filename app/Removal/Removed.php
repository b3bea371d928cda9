<?php

declare(strict_types=1);

namespace App\Removal;

use App\Models\CompositionRow;
use App\Models\MediaRow;
use App\Models\ProjectRow;
use App\Models\Render;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;

/** What was removed: kept until it is brought back, or erased for good with its files. */
final class Removed
{
    /** @var array<string, class-string<ProjectRow|CompositionRow|MediaRow|Render>> */
    private const KINDS = [
        'project' => ProjectRow::class, 'composition' => CompositionRow::class, 'media' => MediaRow::class,
        'render' => Render::class,
    ];

    public static function find(string $kind, int $id): ProjectRow|CompositionRow|MediaRow|Render
    {
        $class = self::KINDS[$kind] ?? abort(404);

        return $class::query()->whereNotNull('removed_at')->findOrFail($id);
    }

    /** @return list<array{kind: string, id: int, name: string, at: string, bytes: int}> the latest first */
    public static function all(): array
    {
        $found = [];
        foreach (self::KINDS as $kind => $class) {
            foreach ($class::query()->whereNotNull('removed_at')->get() as $one) {
                $found[] = [
                    'kind' => $kind, 'id' => $one->id, 'name' => $one->name,
                    'at' => (string) $one->removed_at?->toIso8601String(), 'bytes' => Room::of($one),
                ];
            }
        }
        usort($found, fn (array $a, array $b): int => $b['at'] <=> $a['at']);

        return $found;
    }

    /** For good: the row, all that belongs to it, and files that nothing else refers to. */
    public static function erase(ProjectRow|CompositionRow|MediaRow|Render $one): void
    {
        $media = match (true) {
            $one instanceof ProjectRow => MediaRow::query()->where('project_id', $one->id)->get()->all(),
            $one instanceof MediaRow => [$one],
            default => [],
        };
        $renders = match (true) {
            $one instanceof ProjectRow => Render::query()->whereIn(
                'composition_id', CompositionRow::query()->where('project_id', $one->id)->select('id'),
            )->get()->all(),
            $one instanceof CompositionRow => $one->renders()->get()->all(),
            $one instanceof Render => [$one],
            default => [],
        };
        DB::transaction(fn () => $one->delete());
        array_map(fn (Render $render) => File::deleteDirectory($render->folder()), $renders);
        array_map(self::eraseFiles(...), $media);
    }

    private static function eraseFiles(MediaRow $media): void
    {
        if ($media->hash !== null && ! MediaRow::query()->where('hash', $media->hash)->exists()) {
            File::delete($media->original());
            File::deleteDirectory($media->previews());
        }
    }
}
