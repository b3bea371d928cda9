<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Ricamo\Core\Document\Compositions;
use Ricamo\Core\Document\Kept;
use Ricamo\Core\Document\MediaLibrary;
use Ricamo\Core\Document\StoredComposition;

/**
 * @property int $id
 * @property string $name
 * @property int $revision counts what is done to its name, compositions, media and colours
 * @property string $swatches JSON
 * @property string $curves JSON
 * @property string $looks JSON
 * @property string $motions JSON
 * @property string $styles JSON
 * @property Collection<int, CompositionRow> $compositions
 * @property Collection<int, MediaRow> $media
 */
final class ProjectRow extends Model
{
    use Removable;

    protected $table = 'projects';

    protected $guarded = [];

    protected $attributes = ['swatches' => '[]', 'curves' => '[]', 'looks' => '[]', 'motions' => '[]', 'styles' => '[]'];

    /** @return array<string, mixed> what it keeps at hand, by the names of the lists */
    public function kept(): array
    {
        $lists = array_combine(Kept::LISTS, Kept::LISTS);

        return array_map(fn (string $list): mixed => json_decode($this->getAttribute($list), true), $lists);
    }

    /** Grows with every change to any of its compositions: what is placed somewhere is other then. */
    public static function work(int $id): int
    {
        return (int) CompositionRow::query()->where('project_id', $id)->sum('revision');
    }

    /** All that layers of a project can show, what was removed included: what undo brings back may use it. */
    public static function libraryOf(int $id): MediaLibrary
    {
        $rows = CompositionRow::query()->where('project_id', $id)->orderBy('place')->orderBy('id')->get([
            'id', 'project_id', 'key', 'name', 'folder', 'removed_at',
        ]);
        $present = $rows->filter(fn (CompositionRow $one): bool => $one->removed_at === null);

        return MediaRow::libraryOf($id)->withCompositions(Compositions::stored(
            $rows->map(fn (CompositionRow $one): StoredComposition => $one->stub())->all(),
            array_values($present->map(fn (CompositionRow $one): string => $one->key)->all()),
        ));
    }

    /** @return HasMany<CompositionRow, $this> */
    public function compositions(): HasMany
    {
        return $this->hasMany(CompositionRow::class, 'project_id')->whereNull('removed_at')->orderBy('place')->orderBy('id');
    }

    /** @return HasMany<MediaRow, $this> */
    public function media(): HasMany
    {
        return $this->hasMany(MediaRow::class, 'project_id')->whereNull('removed_at')->whereNotIn('state', MediaRow::UNSEEN)->orderBy('id');
    }
}
