<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Refusal;

/** What is done within one composition, so that it can be tried while something is dragged. */
interface CompositionEdit extends Edit
{
    /** @throws Refusal where the composition does not allow it */
    public function apply(Composition $composition, Evaluator $evaluator): Composition;
}
