<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Values;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Edit\Layers\LayerIds;
use Ricamo\Core\Evaluate\Evaluator;

/** Takes all of the placement of layers back to what new layers have, without keyframes: place, scale, turn, opacity and anchor. */
final readonly class ResetPlacement implements CompositionEdit
{
    /** @param  non-empty-list<string>  $layers */
    public function __construct(
        #[LayerIds] private array $layers,
    ) {
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        foreach ($this->layers as $id) {
            $layer = $composition->layer($id);
            foreach ($layer->definitions() as $name => $definition) {
                if ($definition->section?->places()) {
                    $layer = $layer->withProperty($name, ResetValue::resting($definition, $layer, $composition));
                }
            }
            $composition = $composition->replacing($layer);
        }

        return $composition;
    }

    public function title(): string
    {
        return 'reset placement';
    }
}
