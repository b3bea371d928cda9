<?php

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * What led from one revision of a composition to the next, for windows that have not seen it yet.
 *
 * @property int $id
 * @property int $composition_id
 * @property int $revision
 * @property string $patch RFC 6902, JSON
 */
final class Change extends Model
{
    public const UPDATED_AT = null;

    protected $guarded = [];
}
