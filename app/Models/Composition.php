<?php

namespace App\Models;

use App\Editing\DocumentText;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Ricamo\Core\Document\Composition as Document;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Evaluate\TextBlocks;
use Ricamo\Core\Json\Node;

/**
 * @property int $id
 * @property int $project_id
 * @property string $name
 * @property string $document JSON
 * @property int $revision
 * @property Project $project
 */
final class Composition extends Model
{
    use Removable;

    protected $guarded = [];

    /** @return BelongsTo<Project, $this> */
    public function project(): BelongsTo
    {
        return $this->belongsTo(Project::class);
    }

    /** @return HasMany<Render, $this> */
    public function renders(): HasMany
    {
        return $this->hasMany(Render::class);
    }

    public function read(): Document
    {
        return Document::read(Node::decode($this->document));
    }

    public function evaluator(): Evaluator
    {
        return new Evaluator(Media::libraryOf($this->project_id), app(TextBlocks::class));
    }

    public static function encode(Document $document): string
    {
        return DocumentText::encode($document);
    }
}
