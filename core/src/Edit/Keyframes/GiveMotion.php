<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Keyframes;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Motion;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Edit\Frame;
use Ricamo\Core\Edit\Layers\LayerIds;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Field;

/** Lets layers move as a kept move does, about what they are at a frame; keyframes of the same properties give way. */
final readonly class GiveMotion implements CompositionEdit
{
    /** @param  non-empty-list<string>  $layers */
    public function __construct(
        #[LayerIds] private array $layers,
        #[Field(ref: 'Motion')] private Motion $motion,
        #[Frame] private int $frame,
    ) {
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        foreach ($this->layers as $id) {
            $composition = $composition->replacing($this->motion->on($composition->layer($id), $this->frame));
        }

        return $composition;
    }

    public function title(): string
    {
        return 'move as kept';
    }
}
