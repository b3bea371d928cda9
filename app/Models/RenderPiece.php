<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Ricamo\Core\Time\FrameRange;

/**
 * A range of a render's frames that one job draws.
 *
 * @property int $id
 * @property int $render_id
 * @property int $from
 * @property int $to
 * @property int $drawn
 * @property bool $finished
 * @property Render $render
 */
final class RenderPiece extends Model
{
    public $timestamps = false;

    protected $guarded = [];

    /** @var array<string, string> */
    protected $casts = ['finished' => 'boolean'];

    /** @return BelongsTo<Render, $this> */
    public function render(): BelongsTo
    {
        return $this->belongsTo(Render::class);
    }

    public function range(): FrameRange
    {
        return new FrameRange($this->from, $this->to);
    }

    public function file(): string
    {
        return $this->render->folder().sprintf('/piece-%09d.%s', $this->from, $this->render->output()->format->pieceContainer());
    }
}
