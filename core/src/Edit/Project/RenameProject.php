<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Project;

use Ricamo\Core\Document\Project;
use Ricamo\Core\Edit\ProjectEdit;
use Ricamo\Core\Json\Name;

/** Gives the project another name. */
final readonly class RenameProject implements ProjectEdit
{
    public function __construct(
        #[Name] private string $name,
    ) {
    }

    public function apply(Project $project): Project
    {
        return $project->with(['name' => $this->name]);
    }

    public function title(): string
    {
        return 'rename project';
    }
}
