<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Layers;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Evaluate\Evaluator;

/** Takes layers out; what is in a group goes with it. */
final readonly class RemoveLayers implements CompositionEdit
{
    /** @param  non-empty-list<string>  $layers */
    public function __construct(
        #[LayerIds] private array $layers,
    ) {
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        array_map($composition->indexOf(...), $this->layers);

        return $composition->withLayers($composition->layers->without($this->layers));
    }

    public function title(): string
    {
        return count($this->layers) === 1 ? 'remove layer' : 'remove layers';
    }
}
