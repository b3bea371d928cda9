<?php

namespace Ricamo\Core\Edit;

use Ricamo\Core\Document\Composition;
use Ricamo\Core\Evaluate\Evaluator;
use Ricamo\Core\Json\Node;
use Ricamo\Core\Refusal;

/** One thing that a producer does to a composition. */
interface Edit
{
    /** @throws Refusal for arguments that make no sense by themselves */
    public static function read(Node $args): self;

    /** @throws Refusal where the composition does not allow it */
    public function apply(Composition $composition, Evaluator $evaluator): Composition;

    /** What undo and redo call it, such as "move". */
    public function title(): string;
}
