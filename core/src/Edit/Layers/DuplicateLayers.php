<?php

namespace Ricamo\Core\Edit\Layers;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Time\FrameRange;

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
        foreach ($this->layers as $id) {
            $layer = $composition->layer($id);
            $copy = $layer->with(['id' => $composition->layers->freeId(), 'name' => mb_substr($layer->name, 0, 195).' copy']);
            if ($this->isAfter) {
                $copy = $copy->withSpan(new FrameRange($layer->span->out, $layer->span->out + $layer->span->length()));
            }
            $composition = $composition->withLayers($composition->layers->inserting($copy, $composition->indexOf($id) + 1));
        }

        return $composition;
    }

    public function title(): string
    {
        return count($this->layers) === 1 ? 'duplicate layer' : 'duplicate layers';
    }
}
