<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Layers;

use Ricamo\Core\Cascade\Running;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Patch\PlacedPatchwork;

/**
 * Cuts layers into patches, as documents hold it, or with `null` makes them whole again. Cascades of patches go with the last. What is
 * not said stays as it is where a layer is cut already, its keyframes too.
 */
final readonly class SetPatchwork implements CompositionEdit
{
    /** @param  non-empty-list<string>  $layers */
    public function __construct(
        #[LayerIds] private array $layers,
        #[Field('as documents hold it; null for a layer that is whole')] private ?Node $patchwork = null,
    ) {
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        foreach ($this->layers as $id) {
            $layer = $composition->layer($id);
            $own = $layer->attached->toJson($layer->properties)['patchwork'] ?? [];
            assert(is_array($own));
            $given = $this->patchwork === null ? null : new Node([...$own, ...$this->patchwork->object()], $this->patchwork->path());
            [$patchwork, $settings] = PlacedPatchwork::readOf($given, $layer->kind->name(), $layer->kind->canBeCut());
            $composition = $composition->replacing($layer->having([
                'patchwork' => $patchwork,
                'cascades' => $patchwork === null ? Running::ofPatches($layer->attached->cascades, false) : $layer->attached->cascades,
            ], $settings));
        }

        return $composition;
    }

    public function title(): string
    {
        return $this->patchwork === null ? 'no patchwork' : 'patchwork';
    }
}
