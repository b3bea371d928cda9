<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Media;

use Ricamo\Core\Document\Project;
use Ricamo\Core\Edit\ProjectEdit;
use Ricamo\Core\Json\Node;

/** Files media in a folder, which is there as long as something is in it; without `folder`, in none. */
final readonly class FileMedia implements ProjectEdit
{
    /** @param  non-empty-list<string>  $media */
    private function __construct(private array $media, private ?string $folder)
    {
    }

    public static function read(Node $args): self
    {
        $args->allow(['media', 'folder']);

        return new self(MediaIds::read($args), $args->optional('folder')?->name(100));
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
        return 'file media';
    }
}
