<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Media;

use Ricamo\Core\Document\Project;
use Ricamo\Core\Edit\ProjectEdit;
use Ricamo\Core\Json\Id;
use Ricamo\Core\Json\Name;

/** Gives media another name; their file keeps its own. */
final readonly class RenameMedia implements ProjectEdit
{
    public function __construct(
        #[Id] private string $media,
        #[Name] private string $name,
    ) {
    }

    public function apply(Project $project): Project
    {
        return $project->with(['media' => $project->media->replacing($project->media->get($this->media)->with(['name' => $this->name]))]);
    }

    public function title(): string
    {
        return 'rename media';
    }
}
