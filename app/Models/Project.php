<?php

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * @property int $id
 * @property string $name
 * @property int $revision counts what is done to its name, compositions, media and colours
 * @property string $swatches JSON
 * @property string $curves JSON
 * @property Collection<int, Composition> $compositions
 * @property Collection<int, Media> $media
 */
final class Project extends Model
{
    use Removable;

    protected $guarded = [];

    protected $attributes = ['swatches' => '[]', 'curves' => '[]'];

    /** @return HasMany<Composition, $this> */
    public function compositions(): HasMany
    {
        return $this->hasMany(Composition::class)->whereNull('removed_at')->orderBy('place')->orderBy('id');
    }

    /** @return HasMany<Media, $this> */
    public function media(): HasMany
    {
        return $this->hasMany(Media::class)->whereNull('removed_at')->whereNotIn('state', Media::UNSEEN)->orderBy('id');
    }
}
