<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit;

use Ricamo\Core\Json\Node;
use Ricamo\Core\Refusal;

/** One thing that a producer does: to a composition (CompositionEdit), or to the project as a whole (ProjectEdit). */
interface Edit
{
    /** @throws Refusal for arguments that make no sense by themselves */
    public static function read(Node $args): self;

    /** What undo and redo call it, such as "move". */
    public function title(): string;
}
