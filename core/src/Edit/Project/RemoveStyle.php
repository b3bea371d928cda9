<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Project;

use Ricamo\Core\Document\Kept;
use Ricamo\Core\Document\Project;
use Ricamo\Core\Edit\ProjectEdit;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Node;

/** Forgets the style at place `style`, 0 being the first. What was given of it stays. */
final readonly class RemoveStyle implements ProjectEdit
{
    public function __construct(
        #[Field('its place in the list', of: 'int')] private Node $style,
    ) {
    }

    public function apply(Project $project): Project
    {
        return $project->with(['kept' => $project->kept->having(styles: Kept::without($project->kept->styles, $this->style))]);
    }

    public function title(): string
    {
        return 'forget style';
    }
}
