<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;

/**
 * What can be removed and brought back: a removed one is kept, out of sight, until its room is wanted.
 *
 * @property ?\Illuminate\Support\Carbon $removed_at
 */
trait Removable
{
    public function initializeRemovable(): void
    {
        $this->mergeCasts(['removed_at' => 'datetime']);
    }

    /** @return Builder<static> those that are not removed */
    public static function present(): Builder
    {
        return static::query()->whereNull('removed_at');
    }

    public function remove(): void
    {
        $this->forceFill(['removed_at' => now()])->save();
    }

    public function restore(): void
    {
        $this->forceFill(['removed_at' => null])->save();
    }
}
