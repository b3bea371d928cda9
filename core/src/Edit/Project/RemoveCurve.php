<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Project;

use Ricamo\Core\Document\Kept;
use Ricamo\Core\Document\Project;
use Ricamo\Core\Edit\ProjectEdit;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Node;

/** Forgets the curve at place `curve`, 0 being the first. What was eased with it stays as it is. */
final readonly class RemoveCurve implements ProjectEdit
{
    public function __construct(
        #[Field('its place in the list', of: 'int')] private Node $curve,
    ) {
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
