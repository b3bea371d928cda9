<?php

declare(strict_types=1);

namespace App\Removal;

use App\Models\Composition;
use App\Models\Media;
use App\Models\Project;
use App\Models\Render;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;

/** What was removed: kept until it is brought back, or erased for good with its files. */
final class Removed
{
    /** @var array<string, class-string<Project|Composition|Media|Render>> */
    private const KINDS = ['project' => Project::class, 'composition' => Composition::class, 'media' => Media::class, 'render' => Render::class];

    public static function find(string $kind, int $id): Project|Composition|Media|Render
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
                $found[] = ['kind' => $kind, 'id' => $one->id, 'name' => $one->name, 'at' => (string) $one->removed_at?->toIso8601String(), 'bytes' => Room::of($one)];
            }
        }
        usort($found, fn (array $a, array $b): int => $b['at'] <=> $a['at']);

        return $found;
    }

    /** For good: the row, all that belongs to it, and files that nothing else refers to. */
    public static function erase(Project|Composition|Media|Render $one): void
    {
        $media = match (true) {
            $one instanceof Project => Media::query()->where('project_id', $one->id)->get()->all(),
            $one instanceof Media => [$one],
            default => [],
        };
        $renders = match (true) {
            $one instanceof Project => Render::query()->whereIn('composition_id', Composition::query()->where('project_id', $one->id)->select('id'))->get()->all(),
            $one instanceof Composition => $one->renders()->get()->all(),
            $one instanceof Render => [$one],
            default => [],
        };
        DB::transaction(fn () => $one->delete());
        array_map(fn (Render $render) => File::deleteDirectory($render->folder()), $renders);
        array_map(self::eraseFiles(...), $media);
    }

    private static function eraseFiles(Media $media): void
    {
        if ($media->hash !== null && ! Media::query()->where('hash', $media->hash)->exists()) {
            File::delete($media->original());
            File::deleteDirectory($media->previews());
        }
    }
}
