<?php

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * One entry of a composition's log: what led from revision − 1 to revision.
 *
 * @property int $id
 * @property int $composition_id
 * @property int $revision
 * @property string $kind edit, undo or redo
 * @property string $title
 * @property ?string $request the edit as it was asked for, JSON
 * @property string $patch RFC 6902, JSON
 * @property string $inverse RFC 6902, JSON
 * @property string $state of an edit: done, undone, or dropped when another edit was made after it was undone
 */
final class Change extends Model
{
    public const UPDATED_AT = null;

    protected $guarded = [];
}
