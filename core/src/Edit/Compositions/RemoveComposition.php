<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Compositions;

use Ricamo\Core\Document\Project;
use Ricamo\Core\Edit\ProjectEdit;
use Ricamo\Core\Json\Id;
use Ricamo\Core\Refusal;

/** Takes a composition out of the project, which keeps at least one. One that is placed in others stays. */
final readonly class RemoveComposition implements ProjectEdit
{
    public function __construct(
        #[Id] private string $composition,
    ) {
    }

    public function apply(Project $project): Project
    {
        $compositions = $project->compositions;
        $index = $compositions->indexOf($this->composition);
        if (count($compositions) === 1) {
            throw new Refusal(
                "“{$compositions->entry($this->composition)->name}” is the only composition of its project; remove the project instead.",
            );
        }
        $placings = $project->placingsOf($this->composition);
        if ($placings !== []) {
            throw new Refusal(
                "“{$compositions->entry($this->composition)->name}” is placed elsewhere: ".implode(', ', $placings)
                    .'; remove it there first.',
            );
        }
        $ids = $compositions->ids();
        array_splice($ids, $index, 1);

        return $project->with(['compositions' => $compositions->ordered($ids)]);
    }

    public function title(): string
    {
        return 'remove composition';
    }
}
