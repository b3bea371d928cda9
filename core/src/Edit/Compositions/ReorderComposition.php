<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Compositions;

use Ricamo\Core\Document\Project;
use Ricamo\Core\Edit\ProjectEdit;
use Ricamo\Core\Json\Field;
use Ricamo\Core\Json\Id;
use Ricamo\Core\Json\Node;

/** Moves a composition to place `to` among the others, 0 being the first. */
final readonly class ReorderComposition implements ProjectEdit
{
    public function __construct(
        #[Id] private string $composition,
        #[Field('its place, 0 for the first', of: 'int')] private Node $to,
    ) {
    }

    public function apply(Project $project): Project
    {
        $ids = $project->compositions->ids();
        $from = $project->compositions->indexOf($this->composition);
        array_splice($ids, $this->to->int(0, count($ids) - 1), 0, array_splice($ids, $from, 1));

        return $project->with(['compositions' => $project->compositions->ordered($ids)]);
    }

    public function title(): string
    {
        return 'reorder compositions';
    }
}
