<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Keyframes;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Edit\CompositionEdit;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Together;

/** Removes keyframes; a property that loses its last one keeps that value. */
final readonly class RemoveKeyframes implements CompositionEdit
{
    public function __construct(
        #[Together] private KeyframeSelection $keyframes,
    ) {
    }

    public function apply(Composition $composition, Evaluator $evaluator): Composition
    {
        return $this->keyframes->change($composition, fn (): null => null);
    }

    public function title(): string
    {
        return 'remove keyframe';
    }
}
