<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Media;

use Ricamo\Core\Document\Project;
use Ricamo\Core\Edit\ProjectEdit;
use Ricamo\Core\Json\Node;

/** Brings removed media back. */
final readonly class RestoreMedia implements ProjectEdit
{
    /** @param  non-empty-list<string>  $media */
    private function __construct(private array $media)
    {
    }

    public static function read(Node $args): self
    {
        return new self(MediaIds::read($args->allow(['media'])));
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
        return 'bring media back';
    }
}
