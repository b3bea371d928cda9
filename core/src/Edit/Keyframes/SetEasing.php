<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Keyframes;

use Ricamo\Core\Animation\Easing\Easing;
use Ricamo\Core\Animation\Easing\Easings;
use Ricamo\Core\Animation\Keyframe;
use Ricamo\Core\Document\Composition;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Together;

/** Sets the easing of the segments that begin at these keyframes. */
final readonly class SetEasing implements CompositionEdit
{
    public function __construct(
        #[Together] private KeyframeSelection $keyframes,
        #[Field(of: Easings::class, ref: 'Easing')] private Easing $easing,
    ) {
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        return $this->keyframes->change($composition, fn (Keyframe $keyframe): Keyframe => $keyframe->withEasing($this->easing));
    }

    public function title(): string
    {
        return 'set easing';
    }
}
