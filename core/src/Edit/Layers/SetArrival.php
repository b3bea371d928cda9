<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Layers;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Move\Phase;
use Ricamo\Core\Refusal;

/**
 * Sets how layers arrive: `phase` is {moves, length, easing}, or null for none. Length and easing are the first move's own where
 * they are left out.
 */
final readonly class SetArrival implements CompositionEdit
{
    /** @param  non-empty-list<string>  $layers */
    public function __construct(
        #[LayerIds] private array $layers,
        #[Field('null for none', ref: 'Phase')] private ?Node $phase = null,
    ) {
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        $phase = $this->phase === null ? null : Phase::read($this->phase, $composition->rate);
        foreach ($this->layers as $id) {
            $layer = $composition->layer($id);
            if (! $layer->kind->isMoved()) {
                throw new Refusal("“{$layer->name}” is not seen; it cannot arrive");
            }
            $composition = $composition->replacing($layer->living($layer->life->arriving($phase)));
        }

        return $composition;
    }

    public function title(): string
    {
        return $this->phase === null ? 'no arrival' : 'arrive';
    }
}
