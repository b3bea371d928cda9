<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Project;

use Ricamo\Core\Document\Kept;
use Ricamo\Core\Document\Project;
use Ricamo\Core\Edit\ProjectEdit;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Node;

/** Forgets the look at place `look`, 0 being the first. Layers that have its effects keep them. */
final readonly class RemoveLook implements ProjectEdit
{
    public function __construct(
        #[Field('its place in the list', of: 'int')] private Node $look,
    ) {
    }

    public function apply(Project $project): Project
    {
        return $project->with(['kept' => $project->kept->having(looks: Kept::without($project->kept->looks, $this->look))]);
    }

    public function title(): string
    {
        return 'forget look';
    }
}
