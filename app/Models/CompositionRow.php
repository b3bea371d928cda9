<?php

declare(strict_types=1);

namespace App\Models;

use App\Editing\DocumentText;
use App\Editing\LayerRow;
use Illuminate\Database\Eloquent\Casts\Attribute;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Facades\DB;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\StoredComposition;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Evaluate\Memory;
use Ricamo\Core\Kind\Text\TextBlocks;
use stdClass;

/**
 * @property int $id
 * @property int $project_id
 * @property string $key the id by which documents of the project refer to it
 * @property int $place among the project's compositions
 * @property string $name
 * @property ?string $folder the one that it is filed in
 * @property string $head all but the layers, and their order; JSON
 * @property string $document the whole, JSON
 * @property int $revision
 * @property ProjectRow $project
 */
final class CompositionRow extends Model
{
    use Removable;

    protected $table = 'compositions';

    /** How many layers are written with one statement. */
    private const TOGETHER = 200;

    protected $guarded = [];

    private ?Composition $read = null;

    /** @param  int  $place  among the project's compositions */
    public static function store(int $project, Composition $document, int $place = 0): self
    {
        return DB::transaction(function () use ($project, $document, $place): self {
            $made = self::query()->create([
                'project_id' => $project, 'key' => $document->id, 'place' => $place, 'name' => $document->name,
                'folder' => $document->folder, 'head' => DocumentText::head($document),
            ]);
            foreach (array_chunk(DocumentText::rows($made->id, $document->layers->entries()), self::TOGETHER) as $rows) {
                DB::table('layers')->insert($rows);
            }

            return $made;
        });
    }

    /** @return BelongsTo<ProjectRow, $this> */
    public function project(): BelongsTo
    {
        return $this->belongsTo(ProjectRow::class, 'project_id');
    }

    /** As a part of its project, read when it is asked for. */
    public function stub(): StoredComposition
    {
        return StoredComposition::unread($this->key, $this->name, $this->folder, $this->read(...));
    }

    /** @return HasMany<Render, $this> */
    public function renders(): HasMany
    {
        return $this->hasMany(Render::class, 'composition_id');
    }

    /** Head, layers and revision that belong together, whatever is written in between. */
    public function read(): Composition
    {
        while ($this->read === null) {
            $row = $this->stored();
            $layers = DB::table('layers')->where('composition_id', $this->id)->get(LayerRow::COLUMNS);
            if ($this->stored()->revision === $row->revision) {
                $this->setRawAttributes([...$this->getAttributes(), ...(array) $row], true);
                $this->read = DocumentText::read($row->head, $layers);
            }
        }

        return $this->read;
    }

    /** @return stdClass what is stored of it now, apart from its layers */
    private function stored(): stdClass
    {
        return DB::selectOne('select head, revision, name, folder from compositions where id = ?', [$this->id]);
    }

    /** @return Attribute<string, never> */
    protected function document(): Attribute
    {
        return Attribute::get(fn (): string => DocumentText::whole($this->read()));
    }

    public function refresh(): static
    {
        $this->read = null;

        return parent::refresh();
    }

    public function evaluator(): Evaluator
    {
        return new Evaluator(ProjectRow::libraryOf($this->project_id), app(TextBlocks::class), app(Memory::class));
    }

    /**
     * Keeps what a document becomes, where its revision is still the latest.
     *
     * @return bool whether it was
     */
    public function keep(Composition $after): bool
    {
        $before = $this->read();
        $isKept = self::query()->whereKey($this->id)->where('revision', $this->revision)->update([
            'revision' => $this->revision + 1, 'name' => $after->name, 'folder' => $after->folder, 'head' => DocumentText::head($after),
        ]) > 0;
        if ($isKept) {
            foreach (array_chunk(DocumentText::rows($this->id, $after->layers->changedFrom($before->layers)), self::TOGETHER) as $rows) {
                DB::table('layers')->upsert($rows, ['composition_id', 'layer'], LayerRow::CHANGED);
            }
            foreach (array_chunk(array_diff($before->layers->ids(), $after->layers->ids()), self::TOGETHER) as $gone) {
                DB::table('layers')->where('composition_id', $this->id)->whereIn('layer', $gone)->delete();
            }
        }

        return $isKept;
    }
}
