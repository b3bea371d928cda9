<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Project;

use Ricamo\Core\Document\NamedStyle;
use Ricamo\Core\Document\Project;
use Ricamo\Core\Edit\ProjectEdit;
use Ricamo\Core\Json\Together;

/** Keeps parts of a layer at hand under a name, behind the others; a style that has the name already gives way in its place. */
final readonly class AddStyle implements ProjectEdit
{
    public function __construct(#[Together] private NamedStyle $style)
    {
    }

    public function apply(Project $project): Project
    {
        return $project->with(['kept' => $project->kept->with($this->style)]);
    }

    public function title(): string
    {
        return 'keep style';
    }
}
