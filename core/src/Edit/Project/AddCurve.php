<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Project;

use Ricamo\Core\Animation\Easing\Easing;
use Ricamo\Core\Document\NamedCurve;
use Ricamo\Core\Document\Project;
use Ricamo\Core\Edit\ProjectEdit;
use Ricamo\Core\Json\Name;
use Ricamo\Core\Json\Together;

/** Keeps an easing at hand under a name, behind the others; one that has the name already gives way in its place. */
final readonly class AddCurve implements ProjectEdit
{
    public function __construct(#[Together] private NamedCurve $curve)
    {
    }

    public function apply(Project $project): Project
    {
        return $project->with(['kept' => $project->kept->with($this->curve)]);
    }

    public function title(): string
    {
        return 'keep curve';
    }
}
