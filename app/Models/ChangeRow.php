<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * What led from one revision of a composition to the next, for windows that have not seen it yet.
 *
 * @property int $id
 * @property int $composition_id
 * @property int $revision
 * @property string $patch RFC 6902, JSON
 * @property ?string $touched the places that it touched, JSON; null for one of before they were kept
 */
final class ChangeRow extends Model
{
    protected $table = 'changes';

    public const UPDATED_AT = null;

    protected $guarded = [];

    /** @return list<self> those after a revision, up to another, in their order */
    public static function since(int $composition, int $revision, int $to = PHP_INT_MAX): array
    {
        return array_values(
            self::query()->where('composition_id', $composition)->where('revision', '>', $revision)
                ->where('revision', '<=', $to)->orderBy('revision')->get(['revision', 'patch', 'touched'])->all(),
        );
    }
}
