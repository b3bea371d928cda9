<?php

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Ricamo\Core\Document\MediaLibrary;

/**
 * @property int $id
 * @property string $name
 * @property Collection<int, Composition> $compositions
 * @property Collection<int, Media> $media
 */
final class Project extends Model
{
    use Removable;

    protected $guarded = [];

    /** @return HasMany<Composition, $this> */
    public function compositions(): HasMany
    {
        return $this->hasMany(Composition::class)->whereNull('removed_at');
    }

    /** @return HasMany<Media, $this> */
    public function media(): HasMany
    {
        return $this->hasMany(Media::class)->whereNull('removed_at')->whereNotIn('state', Media::UNSEEN);
    }

    public function library(): MediaLibrary
    {
        return Media::libraryOf($this->id);
    }
}
