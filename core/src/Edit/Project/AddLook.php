<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Project;

use Ricamo\Core\Document\NamedLook;
use Ricamo\Core\Document\Project;
use Ricamo\Core\Edit\ProjectEdit;
use Ricamo\Core\Json\Name;
use Ricamo\Core\Json\Together;

/** Keeps effects at hand under a name, behind the others; a look that has the name already gives way in its place. */
final readonly class AddLook implements ProjectEdit
{
    public function __construct(#[Together] private NamedLook $look)
    {
    }

    public function apply(Project $project): Project
    {
        return $project->with(['kept' => $project->kept->with($this->look)]);
    }

    public function title(): string
    {
        return 'keep look';
    }
}
