<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Layers;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Evaluate\Evaluator;

/** Shows, and renders, only some layers; with an empty list all again. */
final readonly class LookAlone implements CompositionEdit
{
    /** @param  list<string>  $layers */
    public function __construct(
        #[LayerIds(fewest: 0)] private array $layers,
    ) {
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        array_map($composition->indexOf(...), $this->layers);

        return $composition->with(['alone' => $this->layers]);
    }

    public function title(): string
    {
        return $this->layers === [] ? 'look at all layers' : 'look at layers alone';
    }
}
