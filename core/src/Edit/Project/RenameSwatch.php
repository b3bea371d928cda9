<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Project;

use Ricamo\Core\Document\Project;
use Ricamo\Core\Document\Swatch;
use Ricamo\Core\Edit\ProjectEdit;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Name;
use Ricamo\Core\Json\Node;

/** Names the colour at place `swatch`, 0 being the first. */
final readonly class RenameSwatch implements ProjectEdit
{
    public function __construct(
        #[Field('its place in the list', of: 'int')] private Node $swatch,
        #[Name] private string $name,
    ) {
    }

    public function apply(Project $project): Project
    {
        $swatches = $project->kept->swatches;
        $index = $this->swatch->int(0, count($swatches) - 1);
        $swatches[$index] = new Swatch($this->name, $swatches[$index]->colour);

        return $project->with(['kept' => $project->kept->having(swatches: array_values($swatches))]);
    }

    public function title(): string
    {
        return 'rename colour';
    }
}
