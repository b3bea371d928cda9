<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Compositions;

use Ricamo\Core\Document\Project;
use Ricamo\Core\Edit\ProjectEdit;
use Ricamo\Core\Json\Id;
use Ricamo\Core\Json\Name;

/** Gives a composition another name. */
final readonly class RenameComposition implements ProjectEdit
{
    public function __construct(
        #[Id] private string $composition,
        #[Name] private string $name,
    ) {
    }

    public function apply(Project $project): Project
    {
        return $project->replacing($project->compositions->get($this->composition)->with(['name' => $this->name]));
    }

    public function title(): string
    {
        return 'rename composition';
    }
}
