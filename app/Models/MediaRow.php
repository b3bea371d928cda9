<?php

declare(strict_types=1);

namespace App\Models;

use App\Media\ClipJson;
use App\Media\PreviewJson;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;
use LogicException;
use Ricamo\Core\Document\Media;
use Ricamo\Core\Document\MediaLibrary;
use Ricamo\Raster\Media\Clip;
use Ricamo\Raster\Media\Clips;

/**
 * @property int $id
 * @property int $project_id
 * @property string $name as it was uploaded; never used as a path
 * @property ?string $folder the one that it is filed in
 * @property ?string $hash of its content; null until it has been looked at
 * @property ?string $clip what probing found, JSON; null likewise
 * @property ?string $drawing what there is to draw of it, JSON, where it is a drawing
 * @property ?string $preview how its preview frames are made, JSON
 * @property string $state checking, refused, twin (the same is there already), waiting, preparing, ready, failed or cancelled
 * @property string $attempt while it is looked at, the id of the upload, or `sample:` and the id of one; then what the job
 *     carries that prepares it: those of earlier attempts change nothing any more
 * @property int $begun how often work at it has begun without an end
 * @property ?int $preview_bytes what its preview takes on the disk; null where that was not measured
 * @property ?string $rate frames per second that pictures in a ZIP become a clip of
 * @property ?int $twin the one that holds the same
 * @property int $bytes
 * @property int $prepared how many of its frames the preview covers so far
 * @property ?string $problem
 * @property ?Carbon $updated_at
 */
final class MediaRow extends Model
{
    use Removable;

    protected $table = 'media';

    protected $guarded = [];

    /** States of files that are not, or not yet, media of the project. */
    public const UNSEEN = ['checking', 'refused', 'twin'];

    /** States in which a preparation may go on. */
    public const TO_PREPARE = ['waiting', 'preparing'];

    /** Those that were removed included: what undo brings back may use them. */
    public static function libraryOf(int $projectId): MediaLibrary
    {
        return MediaLibrary::of(...self::query()->where('project_id', $projectId)->whereNotIn('state', self::UNSEEN)->get()
            ->map(fn (self $media): Media => $media->toDocument())->all());
    }

    public static function clipsOf(int $projectId): Clips
    {
        return new Clips(self::query()->where('project_id', $projectId)->whereNotIn('state', self::UNSEEN)->get()
            ->mapWithKeys(fn (self $media): array => [$media->key() => $media->clip()])->all());
    }

    /** What is claimed by who looks at it. */
    public static function claimOf(int $id): string
    {
        return "media-$id";
    }

    /** What is claimed by who prepares it. */
    public static function claimOfContent(string $hash): string
    {
        return "content-$hash";
    }

    /** Notes that work at it begins. @return int for which time, since some came to an end */
    public static function begun(int $id): int
    {
        self::query()->whereKey($id)->increment('begun');

        return (int) self::query()->whereKey($id)->value('begun');
    }

    /** The id by which documents refer to it. */
    public function key(): string
    {
        return "m{$this->id}";
    }

    /** The row of the media that documents refer to by $key. */
    public static function idOf(string $key): int
    {
        return (int) substr($key, 1);
    }

    /** @throws LogicException before it has been looked at */
    public function clip(): Clip
    {
        return ClipJson::read($this->clip ?? throw new LogicException('it has not been looked at'), $this->original(), $this->drawing);
    }

    public function toDocument(): Media
    {
        return new Media(
            $this->key(), $this->name, (string) $this->hash, $this->clip()->facts(), $this->folder,
            $this->removed_at !== null,
        );
    }

    public function original(): string
    {
        return self::originalOf((string) $this->hash);
    }

    public static function originalOf(string $hash): string
    {
        return config('ricamo.originals')."/$hash";
    }

    public function previews(): string
    {
        return config('ricamo.previews')."/{$this->hash}";
    }

    /** @return array<string, mixed> */
    public function summary(): array
    {
        $known = [
            'id' => $this->key(), 'number' => $this->id, 'name' => $this->name, 'folder' => $this->folder,
            'state' => $this->state, 'problem' => $this->problem,
        ];
        if ($this->clip === null) {
            return [...$known, 'twin' => $this->twin === null ? null : "m{$this->twin}"];
        }
        $clip = $this->clip();
        $previews = "/storage/media/{$this->hash}";
        $plan = PreviewJson::read($this->preview);

        return [
            ...$known,
            ...$clip->facts()->toJson(),
            'coding' => $clip->coding,
            'missing' => ! is_file($this->original()),
            'remark' => $clip->remark(),
            'bytes' => $this->bytes,
            'prepared' => $this->prepared,
            'preview' => $plan,
            'previews' => $previews,
            'poster' => $clip->isSound() ? null : "$previews/poster.{$plan['type']}",
        ];
    }
}
