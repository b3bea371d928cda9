<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Layers;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Edit\Time\MoveLayers;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Field;

/** Puts a copy of each layer right above it: at the same time, or with `after` where the layer ends. */
final readonly class DuplicateLayers implements CompositionEdit
{
    /** @param  non-empty-list<string>  $layers */
    public function __construct(
        #[LayerIds] private array $layers,
        #[Field(as: 'after')] private bool $isAfter = false,
    ) {
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        $outermost = $composition->layers->tree()->outermost($this->layers);
        $members = array_map(fn (string $id): array => $composition->layers->withAll([$id]), $outermost);
        // All at once, so that copies belong to copies.
        $all = Copies::of(array_merge(...$members), $composition->layers);
        foreach ($outermost as $index => $id) {
            $layer = $composition->layer($id);
            $copies = array_splice($all, 0, count($members[$index]));
            $copy = array_pop($copies) ?? $layer;
            $copies[] = $copy->named(mb_substr($layer->name, 0, 195).' copy');
            $composition = $composition->withLayers($composition->layers->insertingAll($copies, $composition->indexOf($id) + 1));
            $composition = $this->isAfter ? MoveLayers::shifted($composition, [$copy->id], $layer->span->length()) : $composition;
        }

        return $composition;
    }

    public function title(): string
    {
        return count($this->layers) === 1 ? 'duplicate layer' : 'duplicate layers';
    }
}
