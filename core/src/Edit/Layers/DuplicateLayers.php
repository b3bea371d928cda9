<?php

namespace Ricamo\Core\Edit\Layers;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Edit\Time\MoveLayers;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Node;

/** Puts a copy of each layer right above it: at the same time, or with `after` where the layer ends. */
final readonly class DuplicateLayers implements CompositionEdit
{
    /** @param  non-empty-list<string>  $layers */
    private function __construct(private array $layers, private bool $isAfter)
    {
    }

    public static function read(Node $args): self
    {
        return new self(LayerIds::read($args->allow(['layers', 'after'])), $args->optional('after')?->bool() ?? false);
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        foreach ($composition->layers->tree()->outermost($this->layers) as $id) {
            $layer = $composition->layer($id);
            $copies = Copies::of($composition->layers->withAll([$id]), $composition->layers);
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
