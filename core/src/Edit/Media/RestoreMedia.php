<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Media;

use Ricamo\Core\Document\Project;
use Ricamo\Core\Edit\ProjectEdit;

/** Brings removed media back. */
final readonly class RestoreMedia implements ProjectEdit
{
    /** @param  non-empty-list<string>  $media */
    public function __construct(
        #[MediaIds] private array $media,
    ) {
    }

    public function apply(Project $project): Project
    {
        $library = $project->media;
        foreach ($this->media as $id) {
            $library = $library->replacing($library->get($id)->with(['removed' => false]));
        }

        return $project->with(['media' => $library]);
    }

    public function title(): string
    {
        return 'restore media';
    }
}
