<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\File;

/**
 * A file on its way in, part by part.
 *
 * @property string $id
 * @property ?int $project_id the project it is for; null where it is a project itself
 * @property string $name as it is shown; never used as a path
 * @property ?string $rate frames per second of pictures in a ZIP
 * @property int $size in bytes, as announced
 * @property string $state of a project that is brought in: coming, opening, opened or refused
 * @property ?string $problem
 * @property ?int $composition_id the first composition of the project that it became
 */
final class Upload extends Model
{
    public $incrementing = false;

    protected $keyType = 'string';

    protected $guarded = [];

    public function file(): string
    {
        return self::fileOf($this->id);
    }

    public static function fileOf(string $id): string
    {
        return config('ricamo.uploads')."/$id.part";
    }

    /** What is claimed by who opens it as a project. */
    public static function claimOf(string $id): string
    {
        return "upload-$id";
    }

    /** Removes a file that has come, and what was made of it on the way. */
    public static function sweep(string $file): void
    {
        foreach (File::glob("$file*") as $one) {
            is_dir($one) ? File::deleteDirectory($one) : File::delete($one);
        }
    }

    /** How many bytes have come. */
    public function offset(): int
    {
        clearstatcache(true, $this->file());

        return (int) @filesize($this->file());
    }

    public function isComplete(): bool
    {
        return $this->offset() === $this->size;
    }

    /** Takes back what has come of it. */
    public function discard(): void
    {
        @unlink($this->file());
        $this->delete();
    }
}
