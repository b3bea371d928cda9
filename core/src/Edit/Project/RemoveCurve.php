<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Project;

use Ricamo\Core\Document\Kept;
use Ricamo\Core\Document\Project;
use Ricamo\Core\Edit\ProjectEdit;
use Ricamo\Core\Json\Node;

/** Forgets the curve at place `curve`, 0 being the first. What was eased with it stays as it is. */
final readonly class RemoveCurve implements ProjectEdit
{
    private function __construct(private Node $curve)
    {
    }

    public static function read(Node $args): self
    {
        return new self($args->allow(['curve'])->field('curve'));
    }

    public function apply(Project $project): Project
    {
        return $project->with(['kept' => $project->kept->having(curves: Kept::without($project->kept->curves, $this->curve))]);
    }

    public function title(): string
    {
        return 'forget curve';
    }
}
