<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Media;

use Ricamo\Core\Document\Project;
use Ricamo\Core\Edit\ProjectEdit;
use Ricamo\Core\Json\Name;

/** Files media in a folder, which is there as long as something is in it; without `folder`, in none. */
final readonly class FileMedia implements ProjectEdit
{
    /** @param  non-empty-list<string>  $media */
    public function __construct(
        #[MediaIds] private array $media,
        #[Name(longest: 100)] private ?string $folder = null,
    ) {
    }

    public function apply(Project $project): Project
    {
        $library = $project->media;
        foreach ($this->media as $id) {
            $library = $library->replacing($library->get($id)->with(['folder' => $this->folder]));
        }

        return $project->with(['media' => $library]);
    }

    public function title(): string
    {
        return 'move media to folder';
    }
}
