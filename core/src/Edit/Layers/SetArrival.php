<?php

namespace Ricamo\Core\Edit\Layers;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Move\Life;
use Ricamo\Core\Move\Phase;

/** Sets how layers arrive: `phase` is {moves, length?, easing?}, or null for none. */
final readonly class SetArrival implements CompositionEdit
{
    /** @param  non-empty-list<string>  $layers */
    private function __construct(private array $layers, private ?Node $phase)
    {
    }

    public static function read(Node $args): self
    {
        return new self(LayerIds::read($args->allow(['layers', 'phase'])), $args->optional('phase'));
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        $phase = $this->phase === null ? null : Phase::read($this->phase, $composition->rate);
        foreach ($this->layers as $id) {
            $layer = $composition->layer($id);
            $composition = $composition->replacing($layer->with(['life' => new Life($phase, $layer->life->leave, $layer->life->mirrors)]));
        }

        return $composition;
    }

    public function title(): string
    {
        return $this->phase === null ? 'no arrival' : 'arrive';
    }
}
