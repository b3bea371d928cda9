<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Project;

use Ricamo\Core\Document\Kept;
use Ricamo\Core\Document\Project;
use Ricamo\Core\Edit\ProjectEdit;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Node;

/** Forgets the colour at place `swatch`, 0 being the first. What was painted with it stays as it is. */
final readonly class RemoveSwatch implements ProjectEdit
{
    public function __construct(
        #[Field('its place in the list', of: 'int')] private Node $swatch,
    ) {
    }

    public function apply(Project $project): Project
    {
        return $project->with(['kept' => $project->kept->having(swatches: Kept::without($project->kept->swatches, $this->swatch))]);
    }

    public function title(): string
    {
        return 'forget colour';
    }
}
