<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Compositions;

use Ricamo\Core\Document\Project;
use Ricamo\Core\Edit\ProjectEdit;
use Ricamo\Core\Json\Name;

/** Files compositions in a folder, which is there as long as something is in it; without `folder`, in none. */
final readonly class FileCompositions implements ProjectEdit
{
    /** @param  non-empty-list<string>  $compositions */
    public function __construct(
        #[CompositionIds] private array $compositions,
        #[Name(longest: 100)] private ?string $folder = null,
    ) {
    }

    public function apply(Project $project): Project
    {
        foreach ($this->compositions as $id) {
            $project = $project->replacing($project->compositions->get($id)->with(['folder' => $this->folder]));
        }

        return $project;
    }

    public function title(): string
    {
        return $this->folder === null ? 'take out of folder' : 'move to folder';
    }
}
