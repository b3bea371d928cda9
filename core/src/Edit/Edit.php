<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit;

/**
 * One thing that a producer does: to a composition (CompositionEdit), or to the project as a whole (ProjectEdit). Its arguments are
 * described at its constructor or, where they have to go together, at its method `from`.
 */
interface Edit
{
    /** What undo and redo call it, such as "move". */
    public function title(): string;
}
