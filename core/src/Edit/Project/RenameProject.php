<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Project;

use Ricamo\Core\Document\Project;
use Ricamo\Core\Edit\ProjectEdit;
use Ricamo\Core\Json\Node;

final readonly class RenameProject implements ProjectEdit
{
    private function __construct(private string $name)
    {
    }

    public static function read(Node $args): self
    {
        return new self($args->allow(['name'])->field('name')->name());
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
