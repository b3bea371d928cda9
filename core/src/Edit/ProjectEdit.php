<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit;

use Ricamo\Core\Document\Project;
use Ricamo\Core\Refusal;

/** What is done to a project's compositions, media or swatches. It may change several compositions at once. */
interface ProjectEdit extends Edit
{
    /** @throws Refusal where the project does not allow it */
    public function apply(Project $project): Project;
}
