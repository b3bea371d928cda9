<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Project;

use Ricamo\Core\Document\Kept;
use Ricamo\Core\Document\Project;
use Ricamo\Core\Edit\ProjectEdit;
use Ricamo\Core\Json\Node;

/** Forgets the move at place `motion`, 0 being the first. What moves in that way goes on doing so. */
final readonly class RemoveMotion implements ProjectEdit
{
    private function __construct(private Node $motion)
    {
    }

    public static function read(Node $args): self
    {
        return new self($args->allow(['motion'])->field('motion'));
    }

    public function apply(Project $project): Project
    {
        return $project->with(['kept' => $project->kept->having(motions: Kept::without($project->kept->motions, $this->motion))]);
    }

    public function title(): string
    {
        return 'forget move';
    }
}
