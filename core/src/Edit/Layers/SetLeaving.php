<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Layers;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Kind\Bundle\BundleContent;
use Ricamo\Core\Move\Phase;
use Ricamo\Core\Refusal;

/**
 * Sets how layers leave: `phase` is {moves, length?, easing?}, null for none, or {mirror: true}: as they arrive, backwards,
 * whatever becomes of that; a bundle's layers too, then. Without an easing it is the moves' own, run backwards.
 */
final readonly class SetLeaving implements CompositionEdit
{
    /** @param  non-empty-list<string>  $layers */
    public function __construct(
        #[LayerIds] private array $layers,
        #[Field] private ?Node $phase = null,
    ) {
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        $mirrors = $this->phase !== null && $this->phase->has('mirror') && $this->phase->allow(['mirror'])->field('mirror')->bool();
        $phase = $this->phase === null || $mirrors ? null : Phase::read($this->phase, $composition->rate);
        $phase = $phase !== null && $this->phase?->has('easing') === false ? $phase->mirrored() : $phase;
        foreach ($this->layers as $id) {
            $layer = $composition->layer($id);
            if (! $layer->kind->isMoved()) {
                throw new Refusal("“{$layer->name}” is not seen; it cannot leave");
            }
            $content = $layer->content instanceof BundleContent ? $layer->content->mirroring($mirrors) : $layer->content;
            $composition = $composition->replacing($layer->living($layer->life->leavingBy($phase, $mirrors))->withContent($content));
        }

        return $composition;
    }

    public function title(): string
    {
        return $this->phase === null ? 'no leaving' : ($this->phase->has('mirror') ? 'mirror to leave' : 'leave');
    }
}
