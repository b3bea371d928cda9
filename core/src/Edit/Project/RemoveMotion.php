<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Project;

use Ricamo\Core\Document\Kept;
use Ricamo\Core\Document\Project;
use Ricamo\Core\Edit\ProjectEdit;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Node;

/** Forgets the move at place `motion`, 0 being the first. What moves in that way goes on doing so. */
final readonly class RemoveMotion implements ProjectEdit
{
    public function __construct(
        #[Field('its place in the list', of: 'int')] private Node $motion,
    ) {
    }

    public function apply(Project $project): Project
    {
        return $project->with(['kept' => $project->kept->having(motions: Kept::without($project->kept->motions, $this->motion))]);
    }

    public function title(): string
    {
        return 'forget move';
    }
}
