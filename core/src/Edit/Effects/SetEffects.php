<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Effects;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Edit\Layers\LayerIds;
use Ricamo\Core\Effect\PlacedEffect;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Refusal;

/** Gives layers effects, as documents hold them, in place of those that they have: in another order, switched off, copied, fewer. */
final readonly class SetEffects implements CompositionEdit
{
    /** @param  non-empty-list<string>  $layers */
    public function __construct(
        #[LayerIds] private array $layers,
        #[Field(longest: PlacedEffect::MOST, ref: 'Effect', many: true)] private Node $effects,
    ) {
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        [$effects, $settings] = PlacedEffect::readAll($this->effects);
        foreach ($this->layers as $id) {
            $layer = $composition->layer($id);
            if (! $layer->kind->isSeen()) {
                throw new Refusal("“{$layer->name}” is not seen; it has no effects");
            }
            $composition = $composition->replacing($layer->having(['effects' => $effects], $settings));
        }

        return $composition;
    }

    public function title(): string
    {
        return 'change effects';
    }
}
