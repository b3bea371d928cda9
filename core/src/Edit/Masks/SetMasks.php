<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Masks;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Edit\Layers\LayerIds;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Mask\PlacedMask;
use Ricamo\Core\Refusal;

/** Gives layers masks, as documents hold them, in place of those that they have: in another order, inverted, switched off, fewer. */
final readonly class SetMasks implements CompositionEdit
{
    /** @param  non-empty-list<string>  $layers */
    public function __construct(
        #[LayerIds] private array $layers,
        #[Field(longest: PlacedMask::MOST, ref: 'Mask', many: true)] private Node $masks,
    ) {
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        [$masks, $settings] = PlacedMask::readAll($this->masks);
        foreach ($this->layers as $id) {
            $layer = $composition->layer($id);
            if (! $layer->kind->isSeen()) {
                throw new Refusal("“{$layer->name}” is not seen; it has no masks");
            }
            $composition = $composition->replacing($layer->having(['masks' => $masks], $settings));
        }

        return $composition;
    }

    public function title(): string
    {
        return 'change masks';
    }
}
