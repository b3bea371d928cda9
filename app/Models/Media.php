<?php

namespace App\Models;

use App\Media\ClipJson;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;
use Ricamo\Core\Document\Media as MediaDocument;
use Ricamo\Core\Document\MediaLibrary;
use Ricamo\Raster\Media\Clip;
use Ricamo\Raster\Media\Clips;

/**
 * @property int $id
 * @property int $project_id
 * @property string $name as it was uploaded; never used as a path
 * @property string $hash of its content
 * @property string $clip what probing found, JSON
 * @property string $state waiting, preparing, ready or failed
 * @property int $prepared how many preview frames there are
 * @property ?string $problem
 * @property ?Carbon $updated_at
 */
final class Media extends Model
{
    protected $guarded = [];

    public static function libraryOf(int $projectId): MediaLibrary
    {
        return MediaLibrary::of(...self::query()->where('project_id', $projectId)->get()
            ->map(fn (self $media): MediaDocument => $media->toDocument())->all());
    }

    public static function clipsOf(int $projectId): Clips
    {
        return new Clips(self::query()->where('project_id', $projectId)->get()
            ->mapWithKeys(fn (self $media): array => [$media->key() => $media->clip()])->all());
    }

    /** The id by which documents refer to it. */
    public function key(): string
    {
        return "m{$this->id}";
    }

    public function clip(): Clip
    {
        return ClipJson::read($this->clip, $this->original());
    }

    public function toDocument(): MediaDocument
    {
        return new MediaDocument($this->key(), $this->name, $this->hash, $this->clip()->facts());
    }

    public function original(): string
    {
        return config('ricamo.originals')."/{$this->hash}";
    }

    public function previews(): string
    {
        return config('ricamo.previews')."/{$this->hash}";
    }

    /** @return array<string, mixed> */
    public function summary(): array
    {
        return [
            'id' => $this->key(),
            'name' => $this->name,
            ...$this->clip()->facts()->toJson(),
            'state' => $this->state,
            'prepared' => $this->prepared,
            'problem' => $this->problem,
            'prepare' => "/api/media/{$this->id}/prepare",
            'previews' => "/storage/media/{$this->hash}",
        ];
    }
}
