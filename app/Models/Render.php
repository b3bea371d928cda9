<?php

declare(strict_types=1);

namespace App\Models;

use App\Work\Patience;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\File;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Compositions;
use Ricamo\Core\Document\MediaLibrary;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Time\FrameRange;
use Ricamo\Raster\Process\Heartbeat;
use Ricamo\Raster\Render\Format\Formats;
use Ricamo\Raster\Render\Format\Quality;
use Ricamo\Raster\Render\Output;
use Ricamo\Raster\Render\Scene;

/**
 * @property int $id
 * @property int $composition_id
 * @property string $name of the file that is offered for download
 * @property string $document the composition as it was when the render was asked for, JSON
 * @property string $format the name of what it is rendered to
 * @property string $quality small, good or best
 * @property int $premultiplied whether its colours are multiplied by alpha: 1
 * @property float $scale of the picture
 * @property string $placed the compositions that are placed in it, likewise
 * @property int $from
 * @property int $to
 * @property string $state waiting, drawing, joining, finished, failed or cancelled
 * @property string $attempt what the jobs carry that are at it now; those of earlier attempts change nothing any more
 * @property ?string $way how its frames are drawn, once the first piece has settled it
 * @property ?string $problem
 * @property ?int $bytes what it takes on the disk once it has come to an end; null where that was not measured
 * @property ?Carbon $heard_at when a worker last said that it is at it
 * @property ?Carbon $started_at
 * @property CompositionRow $composition
 * @property Collection<int, RenderPiece> $pieces
 */
final class Render extends Model
{
    use Removable;

    public const UNDER_WAY = ['waiting', 'drawing', 'joining'];

    protected $guarded = [];

    /** @var array<string, string> */
    protected $casts = ['heard_at' => 'datetime', 'started_at' => 'datetime'];

    /** @return BelongsTo<CompositionRow, $this> */
    public function composition(): BelongsTo
    {
        return $this->belongsTo(CompositionRow::class);
    }

    /** @return HasMany<RenderPiece, $this> */
    public function pieces(): HasMany
    {
        return $this->hasMany(RenderPiece::class);
    }

    public function read(): Composition
    {
        return Composition::read(Node::decode($this->document));
    }

    /** All that it can show. */
    public function library(): MediaLibrary
    {
        $placed = array_map(Composition::read(...), Node::decode($this->placed)->items());

        return MediaRow::libraryOf($this->composition->project_id)->withCompositions(Compositions::of(...$placed));
    }

    public function range(): FrameRange
    {
        return new FrameRange($this->from, $this->to);
    }

    public function folder(): string
    {
        return config('ricamo.renders')."/{$this->id}";
    }

    public function output(): Output
    {
        return new Output(Formats::get($this->format), Quality::from($this->quality), (bool) $this->premultiplied);
    }

    /** All that it takes to draw it. */
    public function scene(): Scene
    {
        return new Scene($this->read(), $this->library(), MediaRow::clipsOf($this->composition->project_id), $this->scale);
    }

    public function file(): string
    {
        return "{$this->folder()}/finished.{$this->output()->format->extension()}";
    }

    /** Removes all but the finished file: pieces, and what killed workers left of theirs. */
    public function clearPieces(): void
    {
        foreach (File::glob("{$this->folder()}/*") as $file) {
            if ($file !== $this->file()) {
                File::delete($file);
            }
        }
    }

    public function isUnderWay(): bool
    {
        return in_array($this->state, self::UNDER_WAY, true);
    }

    /** The file that workers touch while they are at it. */
    public function heartbeat(): string
    {
        return "{$this->folder()}/alive";
    }

    /** Whether its worker has fallen silent: it was killed, or the machine was switched off. */
    public function isStopped(): bool
    {
        $heard = max($this->heard_at?->getTimestamp() ?? 0, Heartbeat::last($this->heartbeat()) ?? 0);

        return $this->isUnderWay() && $this->state !== 'waiting' && now()->getTimestamp() - $heard > config('ricamo.silent_seconds');
    }

    /**
     * Changes its state, and how much room it takes is to be measured anew, where it is still the attempt's to change.
     *
     * @param  list<string>  $from
     * @param  array<string, mixed>  $fields
     */
    public function advance(string $attempt, array $from, array $fields): bool
    {
        return Patience::with(fn (): bool => self::query()->whereKey($this->id)->where('attempt', $attempt)->whereIn('state', $from)
            ->update([...$fields, 'heard_at' => now(), 'bytes' => null]) > 0);
    }

    /** @return array<string, mixed> */
    public function summary(): array
    {
        $drawn = (int) $this->pieces->sum('drawn');

        return [
            'id' => $this->id,
            'name' => $this->name,
            'composition' => $this->composition_id,
            'format' => $this->output()->format->title(),
            'from' => $this->from,
            'to' => $this->to,
            'state' => $this->isStopped() ? 'stopped' : $this->state,
            'drawn' => $drawn,
            'frames' => $this->to - $this->from,
            'problem' => $this->problem,
            'seconds' => $this->started_at === null ? 0 : (int) $this->started_at->diffInSeconds(now()),
            'bytes' => $this->state === 'finished' && is_file($this->file()) ? filesize($this->file()) : null,
        ];
    }
}
