<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * One thing that was done to a project, in the order in which it was done.
 *
 * @property int $id
 * @property int $project_id
 * @property string $window of the one who did it; empty for programs
 * @property string $title
 * @property string $request the edit as it was asked for, JSON
 * @property string $parts what it changed, and how that is undone and redone, JSON
 * @property string $state done, undone, or dropped when something else was done after it was undone
 * @property ?string $undone_by the window that undid it
 * @property ?Carbon $created_at
 */
final class Step extends Model
{
    public const UPDATED_AT = null;

    protected $guarded = [];

    /** The last thing that a window did and that is not undone. */
    public static function toUndo(int $project, string $window): ?self
    {
        return self::done($project, $window)->first();
    }

    /** What a window undid last. */
    public static function toRedo(int $project, string $window): ?self
    {
        return self::undone($project, $window)->first();
    }

    /** What was undone cannot be redone once its window does something else. */
    public static function drop(int $project, string $window): void
    {
        self::undone($project, $window)->reorder()->update(['state' => 'dropped']);
    }

    /** @return array{undo: ?string, redo: ?string} the titles of what each would take back or bring back */
    public static function history(int $project, string $window): array
    {
        return [
            'undo' => self::done($project, $window)->toBase()->value('title'),
            'redo' => self::undone($project, $window)->toBase()->value('title'),
        ];
    }

    /** @return Builder<self> the last first */
    private static function done(int $project, string $window): Builder
    {
        return self::of($project)->where('state', 'done')->where('window', $window)->orderByDesc('id');
    }

    /** @return Builder<self> the one that was undone last first */
    private static function undone(int $project, string $window): Builder
    {
        return self::of($project)->where('state', 'undone')->where('undone_by', $window)->orderBy('id');
    }

    /** @return Builder<self> */
    public static function of(int $project): Builder
    {
        return self::query()->where('project_id', $project);
    }
}
