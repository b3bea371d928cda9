<?php

namespace Ricamo\Core\Edit\Layers;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Edit\Edit;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Node;

final readonly class RemoveLayers implements Edit
{
    /** @param  non-empty-list<string>  $layers */
    private function __construct(private array $layers)
    {
    }

    public static function read(Node $args): self
    {
        return new self(LayerIds::read($args->allow(['layers'])));
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        array_map($composition->layer(...), $this->layers);

        return $composition->with(['layers' => array_values(array_filter(
            $composition->layers,
            fn (Layer $layer): bool => ! in_array($layer->id, $this->layers, true),
        ))]);
    }

    public function title(): string
    {
        return count($this->layers) === 1 ? 'remove layer' : 'remove layers';
    }
}
