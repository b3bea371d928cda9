<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Media;

use Ricamo\Core\Document\Project;
use Ricamo\Core\Edit\ProjectEdit;
use Ricamo\Core\Json\Node;

final readonly class RenameMedia implements ProjectEdit
{
    private function __construct(private string $media, private string $name)
    {
    }

    public static function read(Node $args): self
    {
        $args->allow(['media', 'name']);

        return new self($args->field('media')->string(64), $args->field('name')->name());
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
