<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Compositions;

use Ricamo\Core\Document\Project;
use Ricamo\Core\Edit\ProjectEdit;
use Ricamo\Core\Json\Node;

final readonly class RenameComposition implements ProjectEdit
{
    private function __construct(private string $composition, private string $name)
    {
    }

    public static function read(Node $args): self
    {
        $args->allow(['composition', 'name']);

        return new self($args->field('composition')->string(64), $args->field('name')->name());
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
