<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Keyframes;

use Ricamo\Core\Animation\Keyframe;
use Ricamo\Core\Animation\Pin;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Document\Layer;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Together;

/** Pins keyframes to their layer's start or end; they stay on their frames. */
final readonly class SetPin implements CompositionEdit
{
    public function __construct(
        #[Together] private KeyframeSelection $keyframes,
        #[Field] private Pin $pin,
    ) {
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        return $this->keyframes->change(
            $composition,
            fn (Keyframe $keyframe, Layer $layer): Keyframe => $keyframe->pinned($this->pin, $layer->span),
        );
    }

    public function title(): string
    {
        return "pin to the {$this->pin->value}";
    }
}
