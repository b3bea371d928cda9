<?php

declare(strict_types=1);

namespace Ricamo\Core\Edit\Compositions;

use Ricamo\Core\Document\Project;
use Ricamo\Core\Edit\ProjectEdit;
use Ricamo\Core\Json\Id;
use Ricamo\Core\Refusal;

/** Brings a removed composition back, behind the others. */
final readonly class RestoreComposition implements ProjectEdit
{
    public function __construct(
        #[Id] private string $composition,
    ) {
    }

    public function apply(Project $project): Project
    {
        $compositions = $project->compositions;
        if ($compositions->has($compositions->entry($this->composition)->id)) {
            throw new Refusal("“{$compositions->entry($this->composition)->name}” is in the project already");
        }

        return $project->with(['compositions' => $compositions->ordered($compositions->idsWith($this->composition, count($compositions)))]);
    }

    public function title(): string
    {
        return 'restore composition';
    }
}
