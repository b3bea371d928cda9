<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Layers;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Edit\Frame;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Id;
use Ricamo\Core\Move\Phase;
use Ricamo\Core\Refusal;

/**
 * Pulls the inner end of how a layer arrives or leaves (`side`) by so many frames, more than nought for later: an arrival takes
 * longer then, a leaving shorter. Where it leaves as it arrives, both change.
 */
final readonly class PullPhase implements CompositionEdit
{
    public function __construct(
        #[Id] private string $layer,
        #[Field(oneOf: ['arrive', 'leave'])] private string $side,
        #[Frame] private int $by,
    ) {
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        $layer = $composition->layer($this->layer);
        $life = $layer->life;
        $isArrival = $this->side === 'arrive' || $life->mirrors;
        $phase = $isArrival ? $life->arrive : $life->leave;
        if ($phase === null) {
            throw new Refusal("“{$layer->name}” does not {$this->side}");
        }
        $length = max(1, min(Phase::LONGEST, $phase->length + ($this->side === 'arrive' ? $this->by : -$this->by)));
        $longer = $phase->with(length: $length);

        return $composition->replacing($layer->with(['life' => $isArrival ? $life->arriving($longer) : $life->leavingBy($longer, false)]));
    }

    public function title(): string
    {
        return $this->side === 'arrive' ? 'length of arrival' : 'length of leaving';
    }
}
